<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two lines on one infrared key. */
final class CodeShared implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.code-shared',
            version: 2,
            title: 'Two lines on one infrared key',
            severities: [Severity::Broken],
            reason: 'One press switches both. Each line wants a key of its own, whichever order of bits the code was printed in.',
            threshold: 'infrared codes on one receiver, compared in both orders of bits and without toggle bits',
            basis: Basis::CommonPractice,
            source: 'common practice; layout of the 32-bit pulse-distance code from memory',
            silentWhen: 'the key acts on a group of both',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->controls->entries as $entry) {
            foreach ([[$entry->code, false], [$entry->offCode, true]] as [$code, $forOff]) {
                if (null === $code) {
                    continue;
                }
                $key = $entry->column . ' ' . PulseDistance::key($code);
                $other = $seen[$key] ?? null;
                if (null !== $other && $other !== $entry->surface) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $entry->surface,
                        sprintf(
                            '“%s” and “%s” answer to the same key, %s.',
                            $inspection->board->lines[$inspection->controls->entries[$other]->line]->name,
                            $inspection->board->lines[$entry->line]->name,
                            $code->printed(),
                        ),
                        proposals: static fn(): array => self::apart($inspection, $entry, $other, $code, $forOff),
                    );
                    break;
                }
                $seen[$key] = $entry->surface;
            }
        }
        yield from $this->ofGroups($inspection, $seen);
    }

    /**
     * @param array<string, string> $seen surface of a line by receiver and code
     * @return iterable<Finding>
     */
    private function ofGroups(Inspection $inspection, array $seen): iterable
    {
        foreach ($inspection->controls->keys as $id => $entry) {
            $key = null === $entry->key->code ? '' : $entry->column . ' ' . PulseDistance::key($entry->key->code);
            $other = $seen[$key] ?? null;
            if ('' !== $key && null !== $other) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” and “%s” answer to the same key, %s.',
                        $inspection->board->nameOf($other),
                        $inspection->board->nameOf($id),
                        $entry->key->code?->printed() ?? '',
                    ),
                    proposals: static fn(): array => [new Remedy('Take the key away here', new AssignCode($id))],
                );
            } elseif ('' !== $key) {
                $seen[$key] = $id;
            }
        }
    }

    /**
     * Taking it away here, or what the maker may have meant: one key for both lines, as a group.
     *
     * @return list<Remedy>
     */
    private static function apart(Inspection $inspection, Entry $entry, string $other, InfraredCode $code, bool $forOff): array
    {
        $remedies = [new Remedy('Take the key away here', new AssignCode($entry->surface, forOff: $forOff))];
        $board = $inspection->board;
        $ids = new Ids($board);
        $group = $ids->next('K');
        $first = $inspection->controls->entries[$other]->line;
        $starts = !$forOff && !$board->mustNotStart($first) && !$board->mustNotStart($entry->line);
        $add = [
            new AddLineGroup(
                LineGroupKind::Chosen,
                mb_substr($board->nameOf($first) . ' and ' . $board->nameOf($entry->line), 0, 60),
                [$first, $entry->line],
                switchesOn: $starts,
            ),
            new AddGroupKey($group, SurfaceKind::InfraredKey, $starts ? Operation::Toggle : Operation::Off, $entry->column),
            new RemoveSurface($other),
            new RemoveSurface($entry->surface),
            new AssignCode($ids->next('S'), $code->value, $code->encoding, $code->bits),
        ];

        return $first === $entry->line || null !== $inspection->controls->entries[$other]->offCode || null !== $entry->offCode
            ? $remedies
            : [...$remedies, new Remedy('Let the key act on both, as a group', new Sequence('One key for both lines', $add))];
    }
}
