<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Review\Inspection;

/** A strap at the wrong level, by what hangs on it or by a contact that is closed as power returns: no program runs. */
final class DoesNotStart implements Demonstration
{
    public static function rules(): array
    {
        return ['pins.strap-at-reset', 'pins.switch-holds-strap', 'pins.button-on-strap'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $contact = true === ($inspection->board->functions[$subject] ?? null)?->kind->isContact() ? $subject : null;
        $pin = $inspection->seating->pins[$subject] ?? $inspection->controller->pins[$subject] ?? null;
        if (StrapConsequence::WontRun !== $pin?->chip->strap?->consequence) {
            return null;
        }
        $deeds = 'pins.strap-at-reset' === $rule || null === $contact ? [] : [
            new Deed(6.0, DeedKind::CutMains),
            // A button springs back before power returns, unless somebody holds it; a switch stays.
            'pins.button-on-strap' === $rule
                ? new Deed(7.0, DeedKind::Press, $contact, '', 6.0)
                : new Deed(7.0, DeedKind::Press, self::surfaceOf($inspection, $contact)),
            new Deed(9.0, DeedKind::MainsBack),
        ];

        return new Situation(
            Staged::script(16.0, ...$deeds),
            $subject,
            [] === $deeds
                ? 'Power comes; reset reads its straps, and no program runs.'
                : sprintf('Power goes and comes back while “%s” is closed: no program runs.', $inspection->board->nameOf($subject)),
            static fn(Course $course): bool => [] !== $course->all(Happens::Stuck),
            needsProgram: [] !== $deeds,
        );
    }

    /** Whoever operates a line by a contact; the contact itself where nobody does. */
    private static function surfaceOf(Inspection $inspection, string $function): string
    {
        foreach ($inspection->board->lines as $line) {
            foreach ($line->surfaces as $id => $surface) {
                if ($surface->function === $function) {
                    return $id;
                }
            }
        }

        return $function;
    }
}
