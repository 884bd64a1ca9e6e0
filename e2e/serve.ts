export default async function serve(): Promise<void> {}
