<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\NamingRules;
use IronLatch\Core\Control\Naming;

/** The levels of a run over time as a value-change dump (IEEE 1364, clause on VCD files, from memory), for any viewer of waveforms. */
final class TraceVcd
{
    /** Kinds that are a level, each with the scope that it stands in. */
    private const SCOPES = [
        'mains' => 'supply',
        'rail' => 'supply',
        'link' => 'links',
        'contact' => 'contacts',
        'pin' => 'pins',
        'coil' => 'coils',
        'relay' => 'relays',
        'appliance' => 'appliances',
        'lamp' => 'lamps',
    ];
    private const STEP_BITS = 4;

    public static function write(Course $course): string
    {
        $board = $course->facts->inspection->board;
        $signals = [];
        foreach ($course->happenings as $one) {
            if (isset(self::SCOPES[$one->kind->value]) && null !== self::value($one)) {
                $signals[self::SCOPES[$one->kind->value]][$one->kind->value . ' ' . $one->subject] ??= self::name($board, $one);
            }
        }
        $codes = [];
        $text = sprintf("\$version Iron Latch, bench \$end\n\$comment %s \$end\n\$timescale 1 us \$end\n", self::plain($board->name));
        foreach ($signals as $scope => $all) {
            $text .= sprintf("\$scope module %s \$end\n", $scope);
            foreach ($all as $key => $name) {
                $codes[$key] = self::code(count($codes));
                $bits = 'appliances' === $scope ? self::STEP_BITS : 1;
                $text .= sprintf(
                    "\$var wire %d %s %s%s \$end\n",
                    $bits,
                    $codes[$key],
                    $name,
                    $bits > 1 ? sprintf(' [%d:0]', $bits - 1) : '',
                );
            }
            $text .= "\$upscope \$end\n";
        }
        $text .= "\$enddefinitions \$end\n#0\n\$dumpvars\n";
        foreach ($codes as $key => $code) {
            $text .= self::change(self::first($key), $code, str_starts_with($key, 'appliance'));
        }
        $text .= "\$end\n";
        $at = 0;
        foreach ($course->happenings as $one) {
            $code = $codes[$one->kind->value . ' ' . $one->subject] ?? null;
            $value = self::value($one);
            if (null === $code || null === $value) {
                continue;
            }
            if ($one->micros > $at) {
                $text .= '#' . $one->micros . "\n";
                $at = $one->micros;
            }
            $text .= self::change($value, $code, Happens::Appliance === $one->kind);
        }

        return $text . '#' . max($at, $course->scene->now) . "\n";
    }

    /** Level 0 or 1, or the step of an appliance; null for what is no level. */
    private static function value(Happening $one): ?string
    {
        return match (true) {
            Happens::Appliance === $one->kind => decbin((int) $one->value),
            '0' === $one->value, '1' === $one->value, 'z' === $one->value => $one->value,
            default => null,
        };
    }

    private static function first(string $key): string
    {
        return str_starts_with($key, 'pin') ? 'z' : '0';
    }

    private static function change(string $value, string $code, bool $isVector): string
    {
        return $isVector ? sprintf("b%s %s\n", $value, $code) : $value . $code . "\n";
    }

    /** The shortest code that nothing before has: the printable characters from ! to ~ as digits. */
    private static function code(int $number): string
    {
        $code = '';
        do {
            $code .= chr(33 + $number % 94);
            $number = intdiv($number, 94);
        } while ($number > 0);

        return $code;
    }

    private static function name(Board $board, Happening $one): string
    {
        $name = match (true) {
            '' === $one->subject => 'mains',
            Happens::Pin === $one->kind => $one->subject,
            default => $one->subject . '_' . $board->nameOf($one->subject),
        };

        return self::plain($name, '_');
    }

    /** Only what a simulator’s language takes for a name. */
    private static function plain(string $text, string $between = ' '): string
    {
        return Naming::fit($text, new NamingRules(60, $between, LetterCase::Any));
    }
}
