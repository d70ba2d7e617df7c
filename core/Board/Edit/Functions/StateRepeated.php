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
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Record\Fact;

/** States whether something repeats the codes that an infrared receiver hears, with nobody in the room. */
#[Says(Nature::Observation)]
final readonly class StateRepeated implements Edit
{
    public function __construct(
        public string $function,
        #[Place('repeated')]
        #[Question('Its infrared codes', yes: 'are repeated with nobody there', no: 'come from a remote in the room')]
        public bool $repeated,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (FunctionKind::InfraredReceiver !== $function->kind) {
            throw new EditRefused(sprintf('“%s” hears no infrared codes.', $function->name));
        }

        return $board->with(functions: [...$board->functions, $this->function => $function->with(repeated: Fact::stated($this->repeated))]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->repeated ? 'Something repeats the codes for “%s”' : 'Only a hand in the room sends codes to “%s”',
            $board->nameOf($this->function),
        );
    }
}
