<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Papers;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\StageReport;
use IronLatch\Core\Review\TrialNote;

/** What is said to somebody who gets a board that another has built (law in general terms, from memory; local law stands above it). */
final class HandedOn
{
    /**
     * @return list<string>
     */
    public static function ready(Board $board, Report $report, ?TrialNote $trial): array
    {
        $open = array_filter($report->stages, static fn(StageReport $stage): bool => LatchState::Open === $stage->state);

        return array_values(array_filter([
            [] === $open ? 'The design has no open danger or fault by its rule book.' : '',
            null !== $trial && LatchState::Shut === $trial->state()
                ? sprintf('Its program was tried on a simulated bench: %d cases, none failed.', $trial->tried)
                : '',
            sprintf('It switches %s.', implode(', ', array_map(static fn(Line $line): string => '“' . $line->name . '”', $board->lines))),
            'Wiring lists, build sheet, labels, program and set-up sheets lie beside this page.',
        ], static fn(string $one): bool => '' !== $one));
    }

    /**
     * @return list<string>
     */
    public static function remains(Board $board, Report $report): array
    {
        $open = array_values(array_filter($report->stages, static fn(StageReport $stage): bool => LatchState::Open === $stage->state));

        return [
            ...array_map(static fn(StageReport $stage): string => sprintf(
                'Do not build or use it yet: “%s” is open, see below.',
                $stage->stage->value,
            ), $open),
            ...array_map(static fn(NotChecked $gap): string => sprintf(
                'Find out %s (%s): until then “%s” was not checked.',
                $gap->needs,
                $board->nameOf($gap->subject),
                $gap->rule->title,
            ), $report->notChecked),
            'Enter secrets of your own, and upload the program with them.',
            'Have every point under “To verify on each copy before mains” verified, with the name of who did it.',
        ];
    }

    /**
     * @return list<string>
     */
    public static function connects(Board $board): array
    {
        $inlet = $board->box?->inlet?->value;
        $isFixed = InletKind::Fixed === $inlet;
        foreach ($board->lines as $line) {
            $isFixed = $isFixed || OutletKind::Fixed === $line->safety?->outlet?->value;
        }

        return $isFixed ? [
            'It belongs to the fixed wiring. Who connects it, by name: ____________________',
            'Does the law where it is used let them do so? In most places a licensed electrician does it, or inspects it and signs: '
                . '____________________',
        ] : [
            ...null === $inlet
                ? ['Whether it is plugged in or belongs to the fixed wiring is not stated: find out before anything else.']
                : [],
            'Where it is plugged in: whoever does so has looked at lead, plug and cover, and stands behind a residual-current device '
                . 'of 30 mA.',
        ];
    }

    /**
     * @return list<string>
     */
    public static function missingForSale(Board $board): array
    {
        $isUsed = $board->controller()->chip->radio && false !== $board->program->radioUsed->value;
        $hasRadio = $isUsed || [] !== array_filter(
            $board->channels,
            static fn(Channel $channel): bool => in_array(Need::Radio, $board->profile($channel)->needs, true),
        );

        return array_values(array_filter([
            'Electrical safety: an assessment and tests by the standard of its kind, insulation and earth tests of every piece, a file '
                . 'of them.',
            'Electromagnetic compatibility: measurements of emission and immunity; nothing of it is checked here.',
            $hasRadio ? 'Radio: the module’s own approval counts only as its maker says; the whole product wants its own assessment.' : '',
            'Marking: who made it, type, serial number, rated voltage, current and fuse, the marks that the law asks for.',
            'Instructions in the language of whoever gets it, and what to do with it at the end of its life.',
            'Liability: whoever sells it answers for what it does; insurance knows of it.',
        ], static fn(string $one): bool => '' !== $one));
    }
}
