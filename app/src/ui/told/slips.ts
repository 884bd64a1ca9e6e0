import { DestroyRef, Directive, ElementRef, inject } from '@angular/core';

/**
 * A table whose rows are slips on a phone: each figure under what its column is called, nothing off the
 * screen. For a screen reader it stays the table that it is.
 */
@Directive({ selector: 'table[vSlips], p-table[vSlips]' })
export class Slips {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    const watch = new MutationObserver(() => this.name());
    watch.observe(this.host, { childList: true, subtree: true });
    inject(DestroyRef).onDestroy(() => watch.disconnect());
  }

  /** Gives each cell the words above its column, and each part of the table its role, which `display` would take. */
  private name(): void {
    const table = this.host.matches('table') ? this.host : this.host.querySelector('table');
    if (!(table instanceof HTMLTableElement)) return;
    table.classList.add('slips');
    table.role ??= 'table';
    // A head that is there for a screen reader alone is none for the eye.
    const heads = [...table.querySelectorAll('thead tr:last-child th')].map((head) =>
      head.querySelector('.visually-hidden') ? '' : (head.textContent?.trim() ?? ''),
    );
    for (const group of table.querySelectorAll('thead, tbody, tfoot')) group.role ??= 'rowgroup';
    for (const row of table.rows) {
      row.role ??= 'row';
      let column = 0;
      for (const cell of row.cells) {
        cell.role ??= cell.tagName === 'TD' ? 'cell' : cell.scope === 'row' ? 'rowheader' : 'columnheader';
        const head = cell.tagName === 'TD' ? (heads[column] ?? '') : '';
        if (cell.dataset['head'] !== head) cell.dataset['head'] = head;
        column += cell.colSpan;
      }
    }
  }
}
