<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\Naming;
use IronLatch\Core\Control\TopicName;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Name that is not legal where it is used. */
final class IllegalName implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.illegal-name',
            version: 1,
            title: 'Name that is not legal where it is used',
            severities: [Severity::Broken],
            reason: 'A blank or a capital too many, and the service refuses the name, or takes it for another.',
            threshold: 'the maker’s own names against the naming rules of their channel; topics against MQTT 3.1.1, section 4.7: no '
                . 'wildcard, no empty end',
            basis: Basis::CommonPractice,
            source: 'naming rules of the channel’s part file; MQTT 3.1.1, section 4.7, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $entry) {
            $profile = $inspection->controls->columns[$entry->column]->profile ?? null;
            if (null === $profile) {
                continue;
            }
            $fault = self::fault($entry->address, $profile);
            if (null !== $fault) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $entry->surface,
                    sprintf(
                        '“%s” cannot be a %s on “%s”: %s.',
                        $entry->address,
                        $profile->addressing->value,
                        $inspection->controls->columns[$entry->column]->title,
                        $fault,
                    ),
                    proposals: static fn(): array => $entry->isOwn ? [new Remedy(
                        'Use the derived one',
                        TellSurface::keeping(
                            $entry->surface,
                            $inspection->board->lines[$entry->line]->surfaces[$entry->surface],
                            address: '',
                        ),
                    )] : [],
                );
            }
        }
    }

    private static function fault(string $address, SurfaceProfile $profile): ?string
    {
        return match ($profile->addressing) {
            Addressing::Topic => TopicName::fault($address),
            Addressing::Number => 1 === preg_match('/^\\d{1,4}$/', $address) ? null : 'it is no number',
            Addressing::Path => 1 === preg_match('~^(/[A-Za-z0-9._\\~-]+)+$~', $address)
                ? null
                : 'a path is made of letters, digits, “-”, “_”, “.” and “~” between slashes',
            Addressing::Pin => null,
            Addressing::Command, Addressing::Name, Addressing::Tile, Addressing::Rule, Addressing::Word => Naming::fault(
                $address,
                $profile->names,
            ),
        };
    }
}
