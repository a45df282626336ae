// Keeps a fault of one place from emptying the page: the bank and the bench live outside of it and stay as they are.
import { Button, Group } from '@mantine/core';
import { Component, type ReactNode } from 'react';
import { EmptyPlace } from '../parts/EmptyPlace';
import { messageOf } from '../parts/message-of';
import { saveAsFile } from './BankMenu';
import { i18n } from '../../languages';

/** What browsers say when a part of the program can't be fetched: it is gone, or a new version has other parts. */
const NOT_LOADED =
  /dynamically imported module|importing a module script|loading chunk|failed to fetch/i;

const WORDS = {
  notLoaded: i18n._(
    'The program can’t be reached, or there is a new version of it. Load the page again; what is saved and what waits in Gather is there afterwards.',
  ),
  stopped: i18n._(
    'A fault of the program’s own. Your questions are safe: go to another place, or load the page again.',
  ),
};

type Fault = { notLoaded: boolean };

export class PlaceBoundary extends Component<{ children: ReactNode }, { fault?: Fault }> {
  override state: { fault?: Fault } = {};

  static getDerivedStateFromError(error: unknown): { fault: Fault } {
    const message = messageOf(error, '');
    return { fault: { notLoaded: NOT_LOADED.test(message) } };
  }

  override render(): ReactNode {
    const { fault } = this.state;
    if (!fault) {
      return this.props.children;
    }
    return (
      <EmptyPlace
        title={
          fault.notLoaded ? i18n._('This part could not be loaded') : i18n._('This part stopped')
        }
        role="alert"
      >
        <p>{fault.notLoaded ? WORDS.notLoaded : WORDS.stopped}</p>
        <Group gap="xs">
          <Button variant="filled" onClick={() => location.reload()}>
            {i18n._('Load the page again')}
          </Button>
          <Button onClick={() => this.setState({ fault: undefined })}>
            {i18n._('Try once more')}
          </Button>
          <Button onClick={saveAsFile}>{i18n._('Save this bank as a file')}</Button>
        </Group>
      </EmptyPlace>
    );
  }
}
