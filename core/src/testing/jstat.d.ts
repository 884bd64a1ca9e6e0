declare module 'jstat' {
  export const jStat: {
    beta: {
      cdf: (x: number, a: number, b: number) => number;
      inv: (p: number, a: number, b: number) => number;
    };
  };
}
