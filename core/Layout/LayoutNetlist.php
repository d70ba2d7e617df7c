<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** What a layout desk has joined, and where its pads lie. */
final readonly class LayoutNetlist
{
    /** @var array<int|string, array<int|string, non-empty-list<Pad>>> pads by part and pin, as the file calls them: of digits alone, too */
    public array $parts;

    /**
     * @param list<Pad> $pads
     * @param list<string> $notes what was taken as usual, and what was not read
     */
    public function __construct(public array $pads, public array $notes = [])
    {
        $parts = [];
        foreach ($pads as $pad) {
            if ('' !== $pad->part) {
                $parts[$pad->part][$pad->pin][] = $pad;
            }
        }
        $this->parts = $parts;
    }

    /** Where the file speaks of a part first; 0 where it does not. */
    public function lineOf(string $part): int
    {
        foreach ($this->parts[$part] ?? [] as $pads) {
            return $pads[0]->line;
        }

        return 0;
    }

    public function hasPlaces(): bool
    {
        return [] !== array_filter($this->pads, static fn(Pad $pad): bool => null !== $pad->x);
    }

    /** The net of a pin; empty where it is on none. Pads of one pin lie on one net, or the first counts. */
    public function netOf(string $part, string $pin): string
    {
        foreach ($this->parts[$part][$pin] ?? [] as $pad) {
            if ('' !== $pad->net) {
                return $pad->net;
            }
        }

        return '';
    }
}
