/** Money in the shop's own currency, to three figures: 4.05, 12, 87.3, 240. */
export function formatMoney(amount: number): string {
  const size = Math.abs(amount);
  return size < 10 ? amount.toFixed(2) : String(Number(amount.toFixed(size < 100 ? 1 : 0)));
}
