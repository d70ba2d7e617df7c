<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** One surface on the bench: how somebody operates a line by it, and what it shows. */
final readonly class BenchHand
{
    /**
     * @param string $id of the surface
     * @param string $title what it is, in few words
     * @param list<BenchAct> $acts
     * @param ?BenchPart $part what of it changes: the contact, or what it shows
     * @param ?string $reads name of the field in which a reading is typed; null where nothing is read
     * @param string $reading what stands in it
     * @param string $note what is to be known of it
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $acts,
        public ?BenchPart $part = null,
        public ?string $reads = null,
        public string $reading = '',
        public string $note = '',
    ) {}
}
