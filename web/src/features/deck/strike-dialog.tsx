import type { FishState } from '@dagboek/journal';
import { LogLines } from '../../lines/log-lines.tsx';
import { SameFish } from '../../lines/same-fish.tsx';
import { Dialog } from '../../ui/dialog.tsx';

/** The lines of a fish, each to be corrected or struck. */
export function StrikeDialog({ fish, onClose }: { fish: FishState; onClose: () => void }) {
  return (
    <Dialog title="Log of this fish" open onClose={onClose}>
      <p>A crossed-out entry stays readable. A corrected one keeps the old value beside the new.</p>
      <LogLines lines={fish.log} />
      <SameFish fish={fish} onDone={onClose} />
    </Dialog>
  );
}
