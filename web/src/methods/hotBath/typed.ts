/** What is typed about a hot bath. */
export interface BathTyped {
  bathMinutes: string;
  bath: string;
}

export const FIRST_BATH: BathTyped = { bathMinutes: '30', bath: '208 °F' };
