<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Program\Micros;

/** Everything that happened in a run, each with its cause, and the script from which it can be run again. */
final class TraceJson
{
    public const FORMAT = 'iron-latch/bench-trace';
    public const VERSION = 1;
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public static function write(Course $course): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'board' => $course->facts->inspection->board->name,
            'script' => BenchScriptJson::data($course->script),
            'happenings' => array_map(
                static fn(Happening $one): array => [
                    'id' => $one->id,
                    'seconds' => sprintf('%.6f', Micros::seconds($one->micros)),
                    'kind' => $one->kind->value,
                    'subject' => $one->subject,
                    'value' => $one->value,
                    'words' => $one->words,
                    'cause' => $one->cause,
                ],
                array_values($course->happenings),
            ),
        ], self::FLAGS) . "\n";
    }

    /** One line for each thing that happened. */
    public static function text(Course $course): string
    {
        $text = '';
        foreach ($course->happenings as $one) {
            $text .= sprintf(
                "%12.6f s  #%-5d %-20s %s%s\n",
                Micros::seconds($one->micros),
                $one->id,
                $one->kind->value,
                $one->words,
                $one->cause > 0 ? sprintf('  (from #%d)', $one->cause) : '',
            );
        }

        return $text;
    }
}
