import type ts from 'typescript';

export function filesOfPage(): ts.SourceFile[];
export function filesOfCore(): ts.SourceFile[];
export function walk(node: ts.Node, look: (node: ts.Node) => void): void;
export function textSaid(node: ts.Node): ts.Node | undefined;
export function textsSaid(files?: readonly ts.SourceFile[]): string[];
