<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Inspection;

/** One message of two is lost: what says a change ends up the wrong way round. */
final class ToggleLost implements Demonstration
{
    public static function rules(): array
    {
        return ['controls.toggle-lossy'];
    }

    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        $entry = $inspection->controls->entries[$subject] ?? null;
        $route = null === $entry ? null : $inspection->controls->routes[$entry->column] ?? null;
        if (null === $entry || null === $route) {
            return null;
        }
        $lossy = array_values(array_filter($route->hops, static fn($hop): bool => $hop->losesMessages()))[0] ?? $route->hops[0];
        $flips = Operation::Toggle === $entry->operation;

        return new Situation(
            Staged::script(
                30.0,
                new Deed(9.0, DeedKind::Lose, $lossy->id),
                new Deed(Staged::READY_SECONDS, DeedKind::Say, $subject, $flips ? 'toggle' : 'on'),
                new Deed(20.0, DeedKind::Say, $subject, $flips ? 'toggle' : 'off'),
            ),
            $subject,
            'Somebody means on, and the message is lost; then somebody means off, and it goes on.',
            static fn(Course $course): bool => ($course->scene->running[$entry->line] ?? 0) > 0,
        );
    }
}
