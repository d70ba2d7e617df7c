<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FrozenPins;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\Storage\StaleEdit;

/** The one place where a person’s edit becomes a revision: frozen pins, what was changed elsewhere, and what was done in words. */
final readonly class BoardChanges
{
    public function __construct(private BoardStore $store) {}

    /**
     * @param string $base the revision that the edit’s maker saw
     * @param \Closure(OpenBoard): Edit $edit works the edit out from the board at that revision
     * @param bool $despiteFrozen its maker knows that it moves frozen pins
     * @throws EditRefused in words that say what to do instead
     * @throws PinsFrozen when it would move frozen pins and its maker was not asked yet
     * @throws StaleEdit when what it changes was changed since
     */
    public function make(OpenBoard $opened, string $base, \Closure $edit, bool $despiteFrozen = false): BoardChange
    {
        try {
            $made = $edit($this->store->at($opened->record, $base));
            $moved = $despiteFrozen ? [] : FrozenPins::movedBetween($opened->board, $made->apply($opened->board));
            if ([] !== $moved) {
                throw new PinsFrozen($opened->board, $moved);
            }
            $changed = $this->store->apply($opened->record->id(), $base, $made);
        } catch (\InvalidArgumentException|BoardFileFault $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }
        $isUnchanged = $changed->revision->id() === $opened->revision->id();
        $wasElsewhere = !$isUnchanged && $base !== $changed->revision->base()?->id();

        return new BoardChange($changed, $isUnchanged
            ? 'Nothing changed: it is so already.'
            : $changed->revision->summary() . ($wasElsewhere ? ', on top of what was changed elsewhere' : ''));
    }
}
