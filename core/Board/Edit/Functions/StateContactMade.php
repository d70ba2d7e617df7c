<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;

/** States whether contacts were made for mains, or for signals. */
#[Says(Nature::Observation)]
final readonly class StateContactMade implements Edit
{
    /**
     * @param list<string> $functions ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $functions,
        #[Place('madeForMains')]
        #[Question(
            'Its contact was made for',
            yes: 'mains',
            no: 'small currents',
            help: 'A wall switch for mains wants more current to stay clean.',
        )]
        public bool $forMains,
    ) {}

    public function apply(Board $board): Board
    {
        $functions = $board->functions;
        foreach ([] === $this->functions ? throw new EditRefused('Choose at least one switch.') : $this->functions as $id) {
            $function = Targets::function($board, $id);
            if (!$function->kind->isContact()) {
                throw new EditRefused(sprintf('“%s” is a %s, which is no contact.', $function->name, $function->kind->value));
            }
            $functions[$id] = Copy::of($function, ['madeForMains' => Fact::stated($this->forMains)]);
        }

        return $board->with(functions: $functions);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State that %s %s made for %s',
            Targets::names($board, $this->functions),
            1 === count($this->functions) ? 'was' : 'were',
            $this->forMains ? 'mains' : 'signals',
        );
    }
}
