<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** The sketch of a board, running on this computer in real time. */
final class RunningDesk
{
    private readonly InputStream $hand;
    public readonly Process $process;
    private readonly Inspection $inspection;
    private string $said = '';

    /**
     * @param array<string, string> $secrets what a copy fills in
     * @param ?string $watches the line whose delay is measured
     */
    public function __construct(Board $board, array $secrets, bool $isSanitized = true, ?string $watches = null)
    {
        $this->inspection = new Inspection($board);
        $this->hand = new InputStream();
        $this->process = new Process([DeskBuild::desk($board, $isSanitized)], env: [
            ...$secrets, ...null === $watches ? [] : ['DESK_WATCHES' => (string) $this->relayPin($watches)],
        ], input: $this->hand, timeout: 600);
        $this->process->start();
    }

    public function pin(string $function): int
    {
        return PinNumbers::ofProgram($this->inspection->seating->pins[$function]) ?? -1;
    }

    public function relayPin(string $line, int $relay = 0): int
    {
        return $this->pin(array_values($this->inspection->board->lines[$line]->actuators)[$relay]->function);
    }

    public function holds(string $function, bool $isHigh): void
    {
        $this->hand->write(sprintf("pin %d %d\n", $this->pin($function), $isHigh));
        self::comes($this->process, $this->said, "did pin\n");
    }

    /** Waits until a line has been said that was not said before; false after a while without it. */
    public function says(string $line, float $seconds = 20.0): bool
    {
        return self::comes($this->process, $this->said, $line, $seconds);
    }

    /** Waits for a part of what a process says, and forgets what came before it. */
    public static function comes(Process $process, string &$said, string $line, float $seconds = 20.0): bool
    {
        $until = microtime(true) + $seconds;
        while (true) {
            $said .= $process->getIncrementalOutput();
            $at = strpos($said, $line);
            if (false !== $at) {
                $said = substr($said, $at + strlen($line));

                return true;
            }
            if (microtime(true) > $until || !$process->isRunning()) {
                return false;
            }
            usleep(1_000);
        }
    }

    public function relayIs(string $line, bool $isOn, float $seconds = 20.0): bool
    {
        return $this->says(sprintf(" %d %d\n", $this->relayPin($line), $isOn), $seconds);
    }

    /**
     * @return array{longest: int, late: int} microseconds of the longest pass, and from the slowest hand to its output
     */
    public function end(): array
    {
        $this->hand->write("end\n");
        $this->hand->close();
        $this->process->wait();
        preg_match('/longest (\d+)\nlate (\d+)/', $this->process->getOutput(), $match);

        return ['longest' => (int) ($match[1] ?? -1), 'late' => (int) ($match[2] ?? -1)];
    }
}
