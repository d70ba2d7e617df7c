<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Control\SecretName;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Review\Inspection;

/** The sketch of a board: what its environment wants to find, beside the parts that every board shares. */
final readonly class SketchFiles
{
    private const SKETCH = <<<'TEXT'
        %s
        // Written by Iron Latch: change the board, not this file. The program lies in src/, its own facts in src/latch/constants.h.
        %s
        #include "src/sketch/sketch.h"
        %s
        void setup() { job::begin(); }

        void loop() {
          job::pass();
          chip::rest();
        }

        TEXT;
    private const WANTS_SECRETS = <<<'TEXT'
        #if __has_include("secrets.h")
        #include "secrets.h"
        #else
        #error "Copy secrets.example.h to secrets.h and fill it in. Never hand that file on."
        #endif
        TEXT;

    private function __construct(private Inspection $inspection, private SketchChip $chip) {}

    /** What the folder, and the sketch in it, are called. */
    public static function name(Inspection $inspection): string
    {
        $name = trim(strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '_', $inspection->board->name)), '_');

        // Some environments want a letter first.
        return ctype_alpha(substr($name, 0, 1)) ? $name : rtrim('board_' . $name, '_');
    }

    /**
     * @param list<string> $remarks that stand above everything
     * @return array<string, string> texts by path: the sketch itself, and the trial of the wiring
     */
    public static function own(Inspection $inspection, SketchChip $chip, array $remarks, string $header): array
    {
        $name = self::name($inspection);
        $files = new self($inspection, $chip);
        $above = implode("\n", array_map(static fn(string $remark): string => '// ' . $remark, $remarks));
        $own = [
            "$name/$name.ino" => sprintf(self::SKETCH, $above, $files->macros($chip->hasRadio()), $files->secrets()),
            "$name/src/latch/constants.h" => $header,
            "{$name}_trial/{$name}_trial.ino" => sprintf(self::SKETCH, $above, $files->macros(false), ''),
            "{$name}_trial/src/latch/constants.h" => $header,
        ];

        return $chip->hasRadio() ? [...$own, "$name/secrets.example.h" => Secrets::header($inspection->board)] : $own;
    }

    private function macros(bool $hasNetwork): string
    {
        $pins = [];
        foreach ($this->inspection->board->functions as $id => $function) {
            $pin = $this->inspection->seating->pins[$id] ?? null;
            if (null !== $pin) {
                $pins[$function->kind->value] ??= PinNumbers::ofProgram($pin) ?? 0;
            }
        }
        $data = $pins[FunctionKind::I2cData->value] ?? null;
        $clock = $pins[FunctionKind::I2cClock->value] ?? null;
        $line = SerialLine::of($this->inspection);
        $macros = [
            '#define ' . $this->chip->macro() . ' 1',
            '#define LATCH_HAS_NETWORK ' . (int) $hasNetwork,
            '#define LATCH_HAS_TIMERS ' . (int) ($hasNetwork && $this->hasTimers()),
            '#define LATCH_ASK_TIME ' . $this->chip->asksTime(),
            '#define LATCH_SETS_RESOLUTION ' . (int) $this->chip->setsResolution(),
            '#define LATCH_HAS_BUS ' . (int) (null !== $data && null !== $clock),
            '#define LATCH_LINE ' . $line->object,
            '#define LATCH_BEGIN_LINE ' . $line->begins,
            '#define LATCH_BEGIN_BUS ' . $this->chip->beginsBus($data ?? 0, $clock ?? 0),
        ];

        return implode("\n", [...$hasNetwork ? [self::WANTS_SECRETS] : [], ...$macros]);
    }

    private function hasTimers(): bool
    {
        return in_array('TIME_SERVER', Secrets::names($this->inspection->board), true);
    }

    /** Which secret is whose. */
    private function secrets(): string
    {
        if (!$this->chip->hasRadio()) {
            return '';
        }
        $hosts = $logins = [];
        $key = '""';
        foreach (Way::all($this->inspection) as $channel => $way) {
            $secret = fn(string $name): string => SecretName::of($this->inspection->board->channels[$channel]->name, $name);
            if (Way::Broker === $way) {
                $hosts[] = $secret('HOST');
                // Without a name of its own the broker gives it one: two copies never take each other’s place.
                $logins[] = sprintf('{"", %s, %s}', $secret('USER'), $secret('PASSWORD'));
            }
            $key = Way::Panel === $way ? $secret('KEY') : $key;
        }
        $joins = in_array('NETWORK_NAME', Secrets::names($this->inspection->board), true);

        return implode("\n", [
            '',
            'namespace secrets {',
            sprintf('const char *const NETWORK = %s;', $joins ? 'NETWORK_NAME' : '""'),
            sprintf('const char *const PASSWORD = %s;', $joins ? 'NETWORK_PASSWORD' : '""'),
            sprintf('const char *const PANEL_KEY = %s;', $key),
            sprintf('const char *const HOSTS[] = {%s};', [] === $hosts ? '""' : implode(', ', $hosts)),
            sprintf('const reach::Login LOGINS[] = {%s};', [] === $logins ? '{"", "", ""}' : implode(', ', $logins)),
            '}  // namespace secrets',
            '',
        ]);
    }
}
