import type { Page } from '@playwright/test';

interface Said {
  readonly nodeId: string;
  readonly parentId?: string;
  readonly ignored: boolean;
  readonly role?: { readonly value?: string };
  readonly name?: { readonly value?: string };
  readonly value?: { readonly value?: unknown };
  readonly description?: { readonly value?: string };
  readonly properties?: readonly { readonly name: string; readonly value: { readonly value?: unknown } }[];
}

const CONTROLS = ['button', 'link', 'textbox', 'searchbox', 'combobox', 'checkbox', 'switch', 'radio', 'slider', 'spinbutton', 'tab', 'menuitem'];
const STATED: Readonly<Record<string, string>> = { checkbox: 'checked', switch: 'checked', radio: 'checked', combobox: 'expanded' };
const ENTERED = ['textbox', 'searchbox', 'combobox', 'spinbutton', 'checkbox', 'switch'];
const GROUPS = ['group', 'region', 'article', 'dialog', 'form', 'row', 'table', 'listitem'];

const has = ({ properties }: Said, name: string): boolean => properties?.some((own) => own.name === name) ?? false;

/** What assistive technology would not hear: controls without a name or a state (of a list of suggestions the browser tells it), selects without a value, two fields of one name in one place. */
export async function unsaid(page: Page): Promise<string[]> {
  const session = await page.context().newCDPSession(page);
  const { nodes } = (await session.send('Accessibility.getFullAXTree')) as { nodes: readonly Said[] };
  await session.detach();
  const byId = new Map(nodes.map((node) => [node.nodeId, node]));
  const placeOf = ({ parentId }: Said): string => {
    const parent = byId.get(parentId ?? '');
    if (!parent) return 'the page';
    const name = parent.name?.value ?? '';
    return GROUPS.includes(parent.role?.value ?? '') && name !== '' ? name : placeOf(parent);
  };
  const seen = new Set<string>();
  return nodes.flatMap((node): string[] => {
    const role = node.role?.value ?? '';
    if (node.ignored || !CONTROLS.includes(role)) return [];
    const name = (node.name?.value ?? '').trim();
    const stated = STATED[role];
    const place = `${role} "${name}" in ${placeOf(node)}`;
    const twice = ENTERED.includes(role) && seen.has(place);
    seen.add(place);
    return [
      ...(name === '' ? [`${place} has no name`] : []),
      ...(stated !== undefined && !has(node, stated) && !has(node, 'autocomplete') ? [`${place} has no state`] : []),
      ...(role === 'combobox' && !has(node, 'autocomplete') && !node.value?.value && !node.description?.value ? [`${place} has no value`] : []),
      ...(twice ? [`${place} is there twice`] : []),
    ];
  });
}
