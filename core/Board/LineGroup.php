<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\MapOf;

/** Lines that one act operates together. */
final readonly class LineGroup
{
    /**
     * @param list<string> $lines ids
     * @param list<string> $channels ids of the channels that know the group
     * @param bool $switchesOn it switches on as well as off
     * @param array<string, GroupKey> $keys on the board’s own wires and receivers, by id
     * @param list<string> $lit ids of those lines that a scene puts on; it takes the others off
     */
    public function __construct(
        public LineGroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $lines,
        #[ListOf('string')]
        public array $channels = [],
        public bool $switchesOn = true,
        #[MapOf(GroupKey::class, '^S[1-9][0-9]{0,5}$')]
        public array $keys = [],
        #[ListOf('string')]
        public array $lit = [],
    ) {
        if (count($lines) !== count(array_unique($lines))) {
            throw new \InvalidArgumentException(sprintf('The group “%s” names a line twice.', $name));
        }
        if ([] !== array_diff($lit, $lines)) {
            throw new \InvalidArgumentException(sprintf('The group “%s” puts a line on that is none of its own.', $name));
        }
        if ([] !== $lit && LineGroupKind::Scene !== $kind) {
            throw new \InvalidArgumentException(sprintf('The group “%s” is no scene, and puts no single lines on.', $name));
        }
    }

    /**
     * @param ?list<string> $lines
     * @param ?list<string> $channels
     * @param ?array<string, GroupKey> $keys
     * @param ?list<string> $lit
     */
    public function with(
        ?string $name = null,
        ?array $lines = null,
        ?array $channels = null,
        ?bool $switchesOn = null,
        ?array $keys = null,
        ?array $lit = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }

    /** With other lines; a scene puts none on that is no longer its own. */
    public function ofLines(string ...$lines): self
    {
        return $this->with(lines: array_values($lines), lit: array_values(array_intersect($this->lit, $lines)));
    }

    /**
     * The lines that some act on it can put on.
     *
     * @return list<string>
     */
    public function startable(): array
    {
        $starts = array_filter(
            $this->keys,
            static fn(GroupKey $key): bool => Operation::Scene !== $key->operation && $key->operation->canSwitchOn(),
        );

        return [] !== $starts || $this->switchesOn && LineGroupKind::Scene !== $this->kind ? $this->lines : $this->lit;
    }
}
