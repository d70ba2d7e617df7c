<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** One relay on the bench: the level at its pin, the current in its coil, and its armature. */
final readonly class BenchRelay
{
    /**
     * @param string $pin name of its pin; empty where it has none
     * @param string $bothNames of that pin
     * @param string $driver what stands between pin and coil
     * @param bool $hasArmature a contact that moves; else a semiconductor switches
     * @param bool $restsClosed its line hangs on the contact that is closed at rest
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $pin,
        public string $bothNames,
        public ?BenchPart $level,
        public BenchPart $coil,
        public BenchPart $armature,
        public bool $isWelded,
        public string $driver = '',
        public bool $hasArmature = true,
        public bool $restsClosed = false,
    ) {}
}
