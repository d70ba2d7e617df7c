<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** One relay on the bench: the level at its pin, the current in its coil, and its armature. */
final readonly class BenchRelay
{
    /**
     * @param string $pin name of its pin; empty where it has none
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $pin,
        public ?BenchPart $level,
        public BenchPart $coil,
        public BenchPart $armature,
        public bool $isWelded,
    ) {}
}
