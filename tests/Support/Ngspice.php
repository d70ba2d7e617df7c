<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Drive\Netlist\Netlist;
use Symfony\Component\Process\Process;

/** Runs a DC operating point in ngspice (Debian package) and reads what it prints. */
final class Ngspice
{
    /**
     * @param list<string> $elements lines of the netlist, without title, analysis and end
     * @param list<string> $wanted what to print: “v(b)”, “vdrive#branch”
     * @return array<string, float>
     */
    public static function operatingPoint(array $elements, array $wanted, float $celsius = 27.0): array
    {
        $netlist = implode("\n", [
            'Iron Latch reference',
            ...$elements,
            sprintf('.options temp=%.9g tnom=27 reltol=1e-6', $celsius),
            '.control', 'op', 'print ' . implode(' ', $wanted), 'quit 0', '.endc', '.end', '',
        ]);
        $process = new Process(['ngspice', '-b', '/dev/stdin'], input: $netlist);
        $process->mustRun();
        preg_match_all('/^(v\(\w+\)|\w+#branch) = (\S+)/m', $process->getOutput(), $matches, PREG_SET_ORDER);
        $values = [];
        foreach ($matches as $match) {
            $values[$match[1]] = (float) $match[2];
        }
        if (count($values) !== count($wanted)) {
            throw new \RuntimeException("ngspice did not answer:\n" . $netlist . $process->getOutput() . $process->getErrorOutput());
        }

        return $values;
    }

    /** Solves a circuit so many times over in one process. */
    public static function operatingPoints(Netlist $netlist, int $times): void
    {
        $asked = ['.control', ...array_fill(0, $times, 'op'), 'quit 0', '.endc', '.end', ''];
        $text = str_replace(".op\n.end\n", implode("\n", $asked), $netlist->spice());
        (new Process(['ngspice', '-b', '/dev/stdin'], input: $text))->mustRun();
    }

    /**
     * Runs a transient analysis from its initial conditions and reads measured values.
     *
     * @param list<string> $elements lines of the netlist, without title, analysis and end
     * @param array<string, string> $measures what to measure, by name: “max v(out)”
     * @return array<string, float>
     */
    public static function transient(array $elements, float $step, float $end, array $measures): array
    {
        $lines = [];
        foreach ($measures as $name => $measure) {
            $lines[] = "meas tran $name $measure";
        }
        $netlist = implode("\n", [
            'Iron Latch reference',
            ...$elements,
            '.options temp=27 tnom=27 reltol=1e-4',
            '.control', sprintf('tran %.9g %.9g 0 %.9g uic', $step, $end, $step), ...$lines, 'quit 0', '.endc', '.end', '',
        ]);
        $process = new Process(['ngspice', '-b', '/dev/stdin'], input: $netlist);
        $process->mustRun();
        preg_match_all('/^(\w+)\s+=\s+(\S+)/m', $process->getOutput(), $matches, PREG_SET_ORDER);
        $values = [];
        foreach ($matches as $match) {
            if (isset($measures[$match[1]])) {
                $values[$match[1]] = (float) $match[2];
            }
        }
        if (count($values) !== count($measures)) {
            throw new \RuntimeException("ngspice did not answer:\n" . $netlist . $process->getOutput() . $process->getErrorOutput());
        }

        return $values;
    }
}
