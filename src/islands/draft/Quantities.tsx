// The quantities of a calculated question: a name, from where to where in what steps, and the unit.
import { Table, TextInput } from '@mantine/core';
import { LinkButton } from '../parts/LinkButton';
import type { TypedQuantity } from '../state/drafting';
import { i18n } from '../../languages';

const FIELDS: readonly { name: keyof TypedQuantity; label: string; hint?: string }[] = [
  { name: 'name', label: i18n._('Name') },
  { name: 'from', label: i18n._('From'), hint: i18n._('or values with ; between') },
  { name: 'to', label: i18n._('To') },
  { name: 'step', label: i18n._('Step') },
  { name: 'unit', label: i18n._('Unit') },
];

export function Quantities({
  quantities,
  onChange,
}: {
  quantities: readonly TypedQuantity[];
  onChange: (quantities: TypedQuantity[]) => void;
}) {
  const change = (at: number, name: keyof TypedQuantity, value: string): void =>
    onChange(quantities.map((one, index) => (index === at ? { ...one, [name]: value } : one)));
  const add = (): void =>
    onChange([...quantities, { name: '', from: '1', to: '10', step: '', unit: '' }]);
  return (
    <div>
      <Table
        className="quantities"
        withRowBorders={false}
        horizontalSpacing={2}
        verticalSpacing={2}
      >
        <Table.Thead>
          <Table.Tr>
            {FIELDS.map(({ name, label, hint }) => (
              <Table.Th key={name} title={hint}>
                {label}
              </Table.Th>
            ))}
            <Table.Th aria-label={i18n._('Acts')} />
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {quantities.map((quantity, at) => (
            <Table.Tr key={at}>
              {FIELDS.map(({ name, label }) => (
                <Table.Td key={name}>
                  <TextInput
                    aria-label={i18n._('{label} of quantity {at}', { label, at: at + 1 })}
                    value={quantity[name]}
                    onChange={(event) => change(at, name, event.currentTarget.value)}
                  />
                </Table.Td>
              ))}
              <Table.Td>
                <LinkButton
                  fz={13}
                  aria-label={i18n._('Remove quantity {at}', { at: at + 1 })}
                  onClick={() => onChange(quantities.filter((_, index) => index !== at))}
                >
                  {i18n._('Remove')}
                </LinkButton>
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <LinkButton fz={13} onClick={add}>
        {i18n._('Another quantity')}
      </LinkButton>
    </div>
  );
}
