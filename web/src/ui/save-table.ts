import { download } from './download.js';

/** Hands rows to the browser as a table to keep; a cell that begins like a formula stays text. */
export async function saveTable(name: string, rows: readonly object[]): Promise<void> {
  const { default: Papa } = await import('papaparse');
  download(`${name.replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.csv`, 'text/csv', Papa.unparse([...rows], { escapeFormulae: true }));
}
