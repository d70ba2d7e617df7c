<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/**
 * States whether relays that may never be on together are interlocked through their contacts, so that no program can close two, and how
 * long the program waits between them; what is left out stays as it was.
 */
#[Says(Nature::Choice)]
#[Place('*')]
final readonly class InterlockGroup implements Edit
{
    public function __construct(
        public string $group,
        #[Question('Relays of the group are interlocked', yes: 'by their contacts', no: 'by the program only')]
        public ?bool $byContacts = null,
        #[Measured(Unit::Second)]
        #[Question('Pause between the relays of the group', help: 'What the program waits.')]
        public ?float $pauseSeconds = null,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::group($board, $this->group);
        if (null === $this->byContacts && null === $this->pauseSeconds) {
            throw new EditRefused('Nothing was stated. Choose how they are interlocked, or say how long the program waits.');
        }
        if (!$group->kind->isExclusive()) {
            throw new EditRefused(sprintf('“%s” is no group of relays that may never be on together.', $group->name));
        }

        return $board->with(groups: [
            ...$board->groups,
            $this->group => $group->with(
                byContacts: null === $this->byContacts ? null : Fact::stated($this->byContacts),
                pauseSeconds: null === $this->pauseSeconds ? null : Fact::stated($this->pauseSeconds),
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(match ($this->byContacts) {
            true => 'Interlock “%s” through the contacts',
            false => 'Leave “%s” to the program alone',
            null => 'State the pause of “%s”',
        }, $board->nameOf($this->group));
    }
}
