<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Listing\WiringDiff;

/** What a later revision is to an earlier one, in words: lines, pins, parts, wires, program and price. */
final readonly class RevisionChange
{
    /**
     * @param list<string> $lines that came, went, or are stated otherwise
     * @param list<string> $pins
     * @param float $euros what the parts of one copy cost more, by the price list
     */
    private function __construct(
        public array $lines,
        public array $pins,
        public WiringDiff $wiring,
        public ProgramChange $program,
        public float $euros,
    ) {}

    public static function between(Inspection $before, Inspection $after): self
    {
        return new self(
            self::lines($before->board, $after->board),
            self::pins($before->board, $after->board),
            WiringDiff::between($before->connections(), $after->connections()),
            ProgramChange::between($before, $after),
            $after->partsList()->knownEuros() - $before->partsList()->knownEuros(),
        );
    }

    /** @return list<string> */
    private static function lines(Board $before, Board $after): array
    {
        $words = [
            ...array_map(
                static fn(Line $line): string => sprintf('“%s” is new', $line->name),
                array_values(array_diff_key($after->lines, $before->lines)),
            ),
            ...array_map(
                static fn(Line $line): string => sprintf('“%s” is gone', $line->name),
                array_values(array_diff_key($before->lines, $after->lines)),
            ),
        ];
        foreach (array_intersect_key($after->lines, $before->lines) as $id => $line) {
            $was = $before->lines[$id];
            if ($was->name !== $line->name) {
                $words[] = sprintf('“%s” is called “%s” now', $was->name, $line->name);
            }
            $other = self::fields($was, $line);
            if ([] !== $other) {
                $words[] = sprintf(
                    '“%s” is stated otherwise: %s',
                    $line->name,
                    implode(', ', array_unique(array_map(self::field(...), $other))),
                );
            }
        }

        return $words;
    }

    /**
     * @return list<string> fields that are stated otherwise, but the name
     */
    private static function fields(Line $before, Line $after): array
    {
        $was = RecordWriter::write($before);
        $is = RecordWriter::write($after);

        return array_values(array_filter(
            array_keys($was + $is),
            static fn(string $field): bool => 'name' !== $field && json_encode($was[$field] ?? null) !== json_encode($is[$field] ?? null),
        ));
    }

    /** What a field of a line says, in words. */
    private static function field(string $field): string
    {
        return match ($field) {
            'appliance' => 'its appliance',
            'watts' => 'what it draws',
            'conductor' => 'the conductor that is switched',
            'surfaces' => 'what is operated by hand',
            'actuators' => 'its relay',
            'feed' => 'its rail',
            'hoursPerDay' => 'hours a day',
            'safety' => 'its safety',
            'place', 'room' => 'its place',
            'sense' => 'how its state is heard',
            'twoWay' => 'its two-way switch',
            default => 'how it is shown and operated',
        };
    }

    /** @return list<string> */
    private static function pins(Board $before, Board $after): array
    {
        $words = [];
        $old = $before->controller()->carrier->identity;
        $new = $after->controller()->carrier->identity;
        if ($old->id !== $new->id) {
            $words[] = sprintf('%s in place of %s', $new->name, $old->name);
        }
        foreach ($after->functions as $id => $function) {
            $now = self::pin($after, $id);
            if (!isset($before->functions[$id])) {
                $words[] = sprintf('“%s” is new%s', $after->nameOf($id), null === $now ? '' : ' on ' . $now);
            } elseif (self::pin($before, $id) !== $now) {
                $was = self::pin($before, $id) ?? 'no pin';
                $words[] = sprintf('“%s” goes from %s to %s', $after->nameOf($id), $was, $now ?? 'no pin');
            }
        }
        foreach (array_diff_key($before->functions, $after->functions) as $id => $function) {
            $from = self::pin($before, $id);
            $words[] = sprintf('“%s” is gone%s', $before->nameOf($id), null === $from ? '' : ' from ' . $from);
        }

        return $words;
    }

    private static function pin(Board $board, string $function): ?string
    {
        $seat = $board->seats[$function] ?? null;

        return null === $seat ? null : ($board->controller()->pins[$seat->pin] ?? null)?->bothNames() ?? $seat->pin;
    }

    /** @return list<string> parts that go, come, or are exchanged */
    public function parts(): array
    {
        return array_values(array_filter([
            [] === $this->wiring->devicesGone ? '' : 'out ' . implode(', ', $this->wiring->devicesGone),
            [] === $this->wiring->devicesNew ? '' : 'in ' . implode(', ', $this->wiring->devicesNew),
            [] === $this->wiring->exchanged ? '' : 'another ' . implode(', ', array_keys($this->wiring->exchanged)),
        ], static fn(string $words): bool => '' !== $words));
    }

    public function isNothing(): bool
    {
        return [] === $this->lines && [] === $this->pins && $this->wiring->isEmpty() && $this->program->isSame
            && abs($this->euros) < 0.005;
    }
}
