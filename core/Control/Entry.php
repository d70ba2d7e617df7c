<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\Operation;

/** What one line is called on one surface, and what is said there. */
final readonly class Entry
{
    /**
     * @param string $line id
     * @param string $surface id
     * @param string $column id
     * @param string $address command, topic, path, number or spoken name; the name of its function for what is wired
     * @param string $on what is said, or sent, to switch on; empty for a contact
     * @param string $state where it tells its state; empty when it tells none
     * @param string $set what is said for a percentage or step, with {value}; empty when that cannot be said
     * @param bool $isOwn the maker has given the address
     * @param ?InfraredCode $code
     * @param ?InfraredCode $offCode
     * @param string $toldOn the word by which it tells that it is on, whether or not it may be switched on from there
     * @param array<int, array{int, int}> $ranges least and greatest percentage by step, 0 for off; empty for a line without steps
     */
    public function __construct(
        public string $line,
        public string $surface,
        public string $column,
        public SurfaceKind $kind,
        public Operation $operation,
        public Direction $direction,
        public string $address,
        public string $on,
        public string $off,
        public string $toggle,
        public string $set,
        public string $state,
        public bool $isOwn,
        public ?InfraredCode $code,
        public ?InfraredCode $offCode,
        public array $ranges,
        public string $toldOn = '',
    ) {}

    /** What is said to set a value, with the number in its place. */
    public function setting(int $value): string
    {
        return str_replace('{value}', (string) $value, $this->set);
    }
}
