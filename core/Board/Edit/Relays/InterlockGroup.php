<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/**
 * States whether relays that may never be on together are interlocked through their contacts, so that no program can close two, and how
 * long the program waits between them.
 */
#[Says(Nature::Choice)]
final readonly class InterlockGroup implements Edit
{
    public function __construct(
        public string $group,
        public bool $byContacts,
        #[Measured(Unit::Second)]
        public ?float $pauseSeconds = null,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::group($board, $this->group);
        if (!$group->kind->isExclusive()) {
            throw new EditRefused(sprintf('“%s” is no group of relays that may never be on together.', $group->name));
        }

        return $board->with(groups: [
            ...$board->groups,
            $this->group => $group->with(
                byContacts: Fact::stated($this->byContacts),
                pauseSeconds: null === $this->pauseSeconds ? null : Fact::stated($this->pauseSeconds),
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->byContacts ? 'Interlock “%s” through the contacts' : 'Leave “%s” to the program alone',
            $board->nameOf($this->group),
        );
    }
}
