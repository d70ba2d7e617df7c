<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Shared part that carries too much. */
final class SharedOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.shared-overloaded',
            version: 2,
            title: 'Shared part that carries too much',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'Six relays of 10 A behind a lead for 6 A are a device for 6 A. Inlet, lead, wires, terminals and tracks carry the '
                . 'sum.',
            threshold: 'sum of all lines that can be on together, against the rating of each shared part; the greatest line against the '
                . 'thinnest wire of one line, and against the narrowest track at 10 K, or the sum where all are fed through it; weak '
                . 'where the program promises to run fewer at once, that sum fits, and the fuse lets no more through than the part bears',
            basis: Basis::Standard,
            source: 'IEC 60335-1 or NEC table 400.5(A)(1) for wires, less in warmer air by IEC 60364-5-52 where the air inside is stated, '
                . 'IPC-2221 for tracks, from memory; ratings as stated',
            silentWhen: 'nothing on the board runs from the mains',
        );
    }

    /** In one piece: one finding for each shared part. */
    public function inspect(Inspection $inspection): iterable
    {
        if (!OnMains::any($inspection)) {
            return;
        }
        foreach ($inspection->mains->shared as $id => $part) {
            if ('fuse' === $id) {
                continue;
            }
            if (null === $part->margin || null === $part->bears) {
                yield new NotChecked(
                    $this->facts(),
                    'board',
                    'track' === $id ? 'whether mains runs in tracks, and how wide the narrowest is' : sprintf(
                        in_array($id, ['lead', 'inner', 'branch'], true) ? 'the cross-section of the %s' : 'the rating of the %s',
                        $part->name,
                    ),
                    ...self::answers($id, true === $inspection->board->box?->tracks?->value),
                );
            } elseif (
                'track' === $id
                && null === $inspection->board->box?->track?->carriesAll
                && null !== $inspection->board->box?->track
                && !$part->isOverloaded()
            ) {
                yield new NotChecked($this->facts(), 'board', 'whether all lines are fed through the narrowest track, or one alone');
            } elseif ($part->isOverloaded()) {
                $fuse = $inspection->mains->shared['fuse']->bears ?? null;
                $kept = $part->isKeptByProgram() && null !== $fuse && $fuse->value <= $part->bears->value;
                // Each part is a finding of its own: to accept the one must not hide the other.
                yield new Finding(
                    $this->facts(),
                    $kept ? Severity::Weak : Severity::Danger,
                    $id,
                    sprintf(
                        'The %s carries %s and bears %s.',
                        $part->name,
                        $part->amps->printed(),
                        $part->bears->printedWhy(),
                    ) . ($kept ? sprintf(
                        ' The program promises no more than %s, and the fuse blows when it fails.',
                        $part->promised?->printed(),
                    ) : ''),
                    [$part->margin, $part->amps, $part->bears, ...null === $part->promised ? [] : [$part->promised]],
                    static fn(): array => self::remedies($inspection, $id, $part->amps->value),
                );
            }
        }
    }

    /**
     * A conductor that bears it; what is printed on an inlet or a terminal only another one changes.
     *
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $part, float $amps): array
    {
        $area = Ampacity::least(
            $amps,
            $inspection->board->system()->cordTable,
            'lead' === $part ? 1.0 : LivePath::warmerInside($inspection->board),
        );
        $wire = match ($part) {
            'lead' => ['Use a lead of %s', static fn(float $area): StateBox => new StateBox(leadSquareMetres: $area)],
            'inner' => ['Use wires of %s inside', static fn(float $area): StateBox => new StateBox(innerSquareMetres: $area)],
            'branch' => ['Use %s for the wires of each line', static fn(float $area): StateBox => new StateBox(branchSquareMetres: $area)],
            default => null,
        };
        if (null !== $wire) {
            return null === $area ? [] : [new Remedy(
                sprintf($wire[0], WireSize::printed($area, $inspection->board->system()->cordTable)),
                $wire[1]($area),
            )];
        }
        if ('track' === $part) {
            return [new Remedy('Run wires in place of tracks', new StateBox(tracks: false))];
        }
        // The next usual rating (common practice).
        foreach ([6.0, 10.0, 16.0, 20.0, 25.0, 32.0] as $rating) {
            if ($rating >= $amps) {
                return [new Remedy(
                    sprintf(
                        'inlet' === $part ? 'Use an inlet for %s' : 'Use terminals for %s',
                        QuantityPrinter::rounded($rating, Unit::Ampere),
                    ),
                    'inlet' === $part ? new StateBox(inletAmps: $rating) : new StateBox(terminalAmps: $rating),
                )];
            }
        }

        return [];
    }

    /**
     * @param string $id of a shared part
     * @return list<Answer>
     */
    private static function answers(string $id, bool $runsInTracks): array
    {
        return match (true) {
            'track' === $id => [$runsInTracks ? Answer::by(StateTrack::class, 'widthMetres') : Answer::by(StateBox::class, 'tracks')],
            in_array($id, ['inlet', 'terminal'], true) => [Answer::by(StateBox::class, $id . 'Amps')],
            default => [Answer::by(StateBox::class, $id . 'SquareMetres')],
        };
    }
}
