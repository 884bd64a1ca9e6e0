/** What is written on a pack. */
export interface PackLabel {
  readonly id: string;
  readonly number: string;
  readonly title: string;
  readonly amount: string;
  readonly dates: readonly string[];
  readonly cost: string | null;
  readonly hint: string | null;
  readonly cautions: readonly string[];
  readonly note: string;
  readonly qr: string;
}
