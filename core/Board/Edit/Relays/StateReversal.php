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
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Reversal;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** States facts of a motor that runs both ways; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('reversal.*')]
final readonly class StateReversal implements Edit
{
    public function __construct(
        public string $group,
        #[Measured(Unit::Second)]
        #[Question('The program stops it after', help: 'A little more than it takes from one end to the other.')]
        public ?float $runSeconds = null,
        #[Says(Nature::Promise, unless: false)]
        #[Question('End switches of its own', yes: 'stop it at both ends', no: 'are not there', help: 'In the papers of the motor.')]
        public ?bool $endSwitches = null,
        #[Question('Motors on the two relays', help: 'Counted: each wants two contacts of its own.')]
        public ?int $motors = null,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);
        $group = Targets::group($board, $this->group);
        $facts = Stated::facts($this);
        if (GroupKind::Directions !== $group->kind) {
            throw new EditRefused(sprintf('“%s” is no motor that runs both ways.', $group->name));
        }

        return $board->with(groups: [
            ...$board->groups,
            $this->group => Copy::of($group, ['reversal' => Copy::of($group->reversal ?? new Reversal(), $facts)]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('State of “%s”: %s', $board->nameOf($this->group), Stated::words($this));
    }
}
