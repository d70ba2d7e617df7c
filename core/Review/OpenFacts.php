<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** What is still open, each thing once: the questions of all checks that could not be made. */
final class OpenFacts
{
    /**
     * @return list<OpenFact> what could bring the worst to light first; then what most checks wait for
     */
    public static function of(Report $report): array
    {
        $waiting = $subjects = $answers = [];
        foreach ($report->notChecked as $one) {
            if ([] === $one->answers) {
                $key = $one->rule->id . ' ' . $one->subject . ' ' . $one->needs;
                $waiting[$key][] = $one;
            }
            foreach ($one->answers as $answer) {
                $key = $answer->edit . ' ' . $answer->field;
                $answers[$key] = $answer;
                $waiting[$key][] = $one;
                if ('' !== $answer->of) {
                    $subjects[$key][$answer->of] = true;
                }
            }
        }
        $open = [];
        foreach ($waiting as $key => $ones) {
            $answer = $answers[$key] ?? null;
            $open[] = new OpenFact($answer->edit ?? '', $answer->field ?? '', array_keys($subjects[$key] ?? []), $ones);
        }
        usort($open, static fn(OpenFact $a, OpenFact $b): int => [
            $a->worst()->rank(), -count($a->waiting), $a->key(),
        ] <=> [$b->worst()->rank(), -count($b->waiting), $b->key()]);

        return $open;
    }
}
