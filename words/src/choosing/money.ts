/** Money in the shop's own currency, to its hundredth below 100, else whole: 4.05, 87.3, 240. */
export function formatMoney(amount: number): string {
  const size = Math.abs(amount);
  return amount.toFixed(size < 10 ? 2 : size < 100 ? 1 : 0);
}
