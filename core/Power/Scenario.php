<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;

/** A moment of a board’s life: which lines are on, whether they have just pulled in, and whether the radio sends. */
final readonly class Scenario
{
    /** A coil has pulled in, and its rail has recovered, well within this time. */
    private const APART_SECONDS = 0.05;

    /**
     * @param ?list<string> $lines ids of the lines that are on; null for all of them
     * @param bool $pullsIn they pull in within one moment
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?array $lines,
        public bool $pullsIn,
        public bool $radioSends,
    ) {}

    public static function allOff(): self
    {
        return new self('off', 'All off', [], false, false);
    }

    public static function allOn(): self
    {
        return new self('on', 'All on', null, false, false);
    }

    public static function radioBurst(): self
    {
        return new self('burst', 'All on, radio sends', null, false, true);
    }

    /** Every relay pulls in within one millisecond, and the radio sends as well: the worst second of a board’s life. */
    public static function pullIn(): self
    {
        return new self('pull-in', 'All pull in at once, radio sends', null, true, true);
    }

    /**
     * @param list<string> $lines ids
     */
    public static function of(string $id, string $name, array $lines, bool $radioSends): self
    {
        return new self($id, $name, $lines, false, $radioSends);
    }

    /**
     * Those that every board has, one for each group of lines that switches on, and those that its maker has added.
     *
     * @return array<string, self> by id
     */
    public static function all(Board $board): array
    {
        $all = [];
        foreach ([self::allOff(), self::allOn(), self::radioBurst(), self::pullIn()] as $one) {
            $all[$one->id] = $one;
        }
        $isStaggered = is_float($board->program->staggerSeconds?->value) && $board->program->staggerSeconds->value >= self::APART_SECONDS;
        foreach ($board->lineGroups as $id => $group) {
            if ([] !== $group->startable()) {
                $all[$id] = new self(
                    $id,
                    sprintf($isStaggered ? '“%s” on, one after the other' : '“%s” on at once', $group->name),
                    $group->startable(),
                    !$isStaggered,
                    true,
                );
            }
        }
        foreach ($board->scenarios as $id => $made) {
            $all[$id] = self::of($id, $made->name, $made->lines, $made->radioSends);
        }

        return $all;
    }

    public function isOn(string $line): bool
    {
        return null === $this->lines || in_array($line, $this->lines, true);
    }
}
