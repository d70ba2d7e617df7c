<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\LibraryPin;

/** States what the program is built with; libraries without a name are left out. */
#[Says(Nature::Observation)]
final readonly class StateFirmware implements Edit
{
    public function __construct(public FirmwareFacts $facts) {}

    public function apply(Board $board): Board
    {
        $facts = $this->facts->with(libraries: array_values(array_filter(
            $this->facts->libraries,
            static fn(LibraryPin $one): bool => '' !== trim($one->name),
        )));
        if (null === $board->program->firmware && get_object_vars($facts) === get_object_vars(new FirmwareFacts())) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }

        return $board->with(program: $board->program->with(firmware: $facts));
    }

    public function summary(Board $board): string
    {
        return 'State what the program is built with';
    }
}
