<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Names;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two lines with one command, topic, path, number or spoken name. */
final class AddressShared implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.address-shared',
            version: 1,
            title: 'Two lines with one command, topic, path, number or spoken name',
            severities: [Severity::Broken],
            reason: 'What is said to one reaches both, or only the first.',
            threshold: 'addresses on one channel, groups counted, without capitals and blanks where they are spoken',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->controls->entries as $entry) {
            $key = self::key($inspection, $entry->column, $entry->address);
            if (null !== $key && isset($seen[$key])) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $entry->surface,
                    sprintf(
                        '“%s” and “%s” have one %s on “%s”: %s.',
                        $inspection->board->nameOf($seen[$key]->line),
                        $inspection->board->nameOf($entry->line),
                        self::word($inspection, $entry->column),
                        $inspection->controls->columns[$entry->column]->title,
                        $entry->address,
                    ),
                    proposals: static fn(): array => self::derived($inspection, $entry),
                );
            } elseif (null !== $key) {
                $seen[$key] = $entry;
            }
        }
        foreach ($inspection->controls->groups as $group) {
            $same = $seen[(string) self::key($inspection, $group->column, $group->address)] ?? null;
            if (null !== $same) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $group->group,
                    sprintf(
                        'The group “%s” and “%s” have one %s on “%s”: %s.',
                        $inspection->board->nameOf($group->group),
                        $inspection->board->nameOf($same->line),
                        self::word($inspection, $group->column),
                        $inspection->controls->columns[$group->column]->title,
                        $group->address,
                    ),
                    proposals: static fn(): array => self::derived($inspection, $same),
                );
            }
        }
    }

    private static function word(Inspection $inspection, string $column): string
    {
        return $inspection->controls->columns[$column]->profile->addressing->value ?? 'address';
    }

    /** What tells two addresses apart; null for what is wired. */
    private static function key(Inspection $inspection, string $column, string $address): ?string
    {
        $profile = $inspection->controls->columns[$column]->profile ?? null;

        return null === $profile ? null : $column . ' ' . (Addressing::Name === $profile->addressing ? Names::spoken($address) : $address);
    }

    /**
     * @return list<Remedy> none where the address is derived already
     */
    private static function derived(Inspection $inspection, Entry $entry): array
    {
        return $entry->isOwn ? [new Remedy(
            sprintf('Use the derived one for “%s”', $inspection->board->nameOf($entry->line)),
            TellSurface::keeping($entry->surface, $inspection->board->lines[$entry->line]->surfaces[$entry->surface], address: ''),
        )] : [];
    }
}
