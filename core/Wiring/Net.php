<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** Everything that is joined to one another. */
final readonly class Net
{
    /**
     * @param string $name as printed
     * @param array<string, End> $ends by name, as “K31.A1”
     * @param ?string $rail id of the rail that feeds it, or whose ground it is; null for all else
     */
    public function __construct(
        public string $id,
        public string $name,
        public NetKind $kind,
        public Area $area,
        public array $ends,
        public ?string $rail = null,
    ) {}

    /** Whether it belongs to the whole board by its nature, however little hangs on it. */
    public function isCommon(): bool
    {
        return NetKind::Rail === $this->kind
            || $this->kind->isReturn()
            || MainsSide::LIVE === $this->id
            || MainsSide::NEUTRAL === $this->id;
    }
}
