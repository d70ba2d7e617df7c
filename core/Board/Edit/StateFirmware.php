<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\LibraryPin;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States what the program is built with. */
final readonly class StateFirmware implements Edit
{
    /**
     * @param list<LibraryPin> $libraries those without a name are left out
     */
    public function __construct(
        public string $boardPackage = '',
        public string $boardType = '',
        public string $partitions = '',
        public int $consoleRate = 115_200,
        public int $radioRate = 9600,
        #[Measured(Unit::Second)]
        public float $debounceSeconds = 0.03,
        #[ListOf(LibraryPin::class)]
        public array $libraries = [],
    ) {}

    public function apply(Board $board): Board
    {
        foreach ([$this->boardPackage, $this->boardType, $this->partitions] as $text) {
            if (mb_strlen($text) > 120) {
                throw new EditRefused('A version or setting has at most 120 characters.');
            }
        }

        return $board->with(firmware: new FirmwareFacts($this->boardPackage, $this->boardType, $this->partitions, $this->consoleRate, $this->radioRate, $this->debounceSeconds, array_values(array_filter($this->libraries, static fn(LibraryPin $one): bool => '' !== trim($one->name)))));
    }

    public function summary(Board $board): string
    {
        return 'State what the program is built with';
    }
}
