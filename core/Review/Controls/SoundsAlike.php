<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\NameLikeness;
use IronLatch\Core\Control\SpokenName;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two lines that a voice cannot tell apart. */
final class SoundsAlike implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.sounds-alike',
            version: 1,
            title: 'Two lines that a voice cannot tell apart',
            severities: [Severity::Weak, Severity::Hint],
            reason: 'A spoken name is heard, not read. “Lamp two” and “lamp 2” are one; names alike in sound, or one within the '
                . 'other, call the wrong line now and then.',
            threshold: 'names on one spoken channel, by words, by digits against words, and by metaphone',
            basis: Basis::CommonPractice,
            source: 'metaphone by L. Philips, 1990, as PHP has it; the rest common practice',
            silentWhen: 'no line has a spoken name, or the names are the same and found as such',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->columns as $column) {
            if (Addressing::Name !== $column->profile?->addressing) {
                continue;
            }
            $entries = $inspection->controls->on($column->id);
            $heard = array_map(static fn(Entry $entry): SpokenName => new SpokenName($entry->address), $entries);
            foreach ($entries as $index => $entry) {
                foreach (array_slice($entries, 0, $index) as $earlier => $other) {
                    $likeness = $heard[$earlier]->likenessTo($heard[$index]);
                    if (null === $likeness || NameLikeness::Same === $likeness || $other->line === $entry->line) {
                        continue;
                    }
                    $kind = NameLikeness::Contained === $likeness ? Severity::Hint : Severity::Weak;
                    yield new Finding(
                        $this->facts(),
                        $kind,
                        $entry->surface,
                        sprintf(
                            '“%s” and “%s” are %s on “%s”.',
                            $other->address,
                            $entry->address,
                            $likeness->value,
                            $column->title,
                        ),
                        proposals: static fn(): array => self::otherName($inspection, $entry),
                    );
                    break;
                }
            }
        }
    }

    /** Words that are clearly told apart, from the spelling alphabet of the ICAO, for want of anything better. */
    private const LAST_RESORT = ['Bravo', 'Golf', 'Kilo', 'Oscar', 'Tango', 'Victor'];

    /**
     * Calling it by what it switches, where that tells it apart.
     *
     * @return list<Remedy> at most one
     */
    private static function otherName(Inspection $inspection, Entry $entry): array
    {
        $line = $inspection->board->lines[$entry->line];
        $others = array_filter(
            $inspection->controls->on($entry->column),
            static fn(Entry $other): bool => $other->surface !== $entry->surface,
        );
        foreach ([$inspection->board->appliance($line)->identity->name, ...self::LAST_RESORT] as $name) {
            if ([] === array_filter(
                $others,
                static fn(Entry $other): bool => null !== (new SpokenName($other->address))->likenessTo(new SpokenName($name)),
            )) {
                return [new Remedy(
                    sprintf('Call it “%s” there', $name),
                    TellSurface::keeping($entry->surface, $line->surfaces[$entry->surface], address: $name),
                )];
            }
        }

        return [];
    }
}
