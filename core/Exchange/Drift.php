<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Control\Names;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Review\Inspection;

/** A board held against the constants or the pin table that a program really uses. */
final class Drift
{
    /**
     * Every difference, those first that both sides speak of.
     *
     * @return list<Difference>
     * @throws \InvalidArgumentException when the text cannot be read
     */
    public static function between(Inspection $inspection, string $text): array
    {
        $constants = Constants::of($inspection);
        $aliases = self::aliases($inspection, $constants);
        $differ = $unknown = $seen = [];
        $reads = 0;
        foreach (ConstantsFile::read($text) as $written => ['value' => $value, 'line' => $line]) {
            $name = $aliases[Names::spoken($written)] ?? null;
            if (null === $name) {
                $unknown[] = new Difference($written, $written, null, $value, $line, null);
                continue;
            }
            ++$reads;
            $seen[$name] = true;
            $constant = $constants[$name];
            if (!self::agree($constant, $value, $inspection->controller)) {
                $differ[] = new Difference(
                    $name,
                    $written,
                    $constant->written(),
                    $value,
                    $line,
                    self::edit($inspection->board, $constant, $value),
                );
            }
        }
        // A list of pins says nothing of names and values: only what is of the same sort as something that it speaks of is missed.
        $missing = [];
        $whole = $reads > 0 && [] !== array_filter(array_keys($seen), static fn(string $name): bool => !$constants[$name]->isPin);
        foreach ($reads > 0 ? $constants : [] as $name => $constant) {
            if (!isset($seen[$name]) && ($whole || $constant->isPin && !str_starts_with($name, 'INIT_'))) {
                $missing[] = new Difference($name, $name, $constant->written(), null, 0, null);
            }
        }

        return [...$differ, ...$unknown, ...$missing];
    }

    /** The edit for one difference, worked out anew from the text that it was found in. */
    public static function adopt(Inspection $inspection, string $text, string $name): ?Edit
    {
        foreach (self::between($inspection, $text) as $difference) {
            if ($difference->name === $name && null !== $difference->edit) {
                return $difference->edit;
            }
        }

        return null;
    }

    /**
     * Names by which a constant may be called: its own, and for pins the name of the line or function alone.
     *
     * @param array<string, Constant> $constants
     * @return array<string, string> name of the constant
     */
    private static function aliases(Inspection $inspection, array $constants): array
    {
        $aliases = [];
        foreach ($constants as $name => $constant) {
            $aliases[Names::spoken($name)] = $name;
        }
        foreach ($inspection->controls->identifiers as $line => $identifier) {
            foreach (['', ' relay', ' relay pin', ' gpio'] as $ending) {
                if (isset($constants[$identifier . '_PIN'])) {
                    $aliases[Names::spoken($inspection->board->lines[$line]->name . $ending)] ??= $identifier . '_PIN';
                    $aliases[Names::spoken($identifier . $ending)] ??= $identifier . '_PIN';
                }
            }
        }
        $byPin = [];
        foreach ($constants as $name => $constant) {
            if ($constant->isPin && !str_starts_with($name, 'INIT_')) {
                $byPin[$constant->comment] ??= $name;
            }
        }
        foreach ($inspection->board->functions as $id => $function) {
            $pin = $inspection->seating->pins[$id] ?? null;
            if (null !== $pin && isset($byPin[$pin->bothNames()])) {
                $aliases[Names::spoken($function->name)] ??= $byPin[$pin->bothNames()];
                $aliases[Names::spoken($function->name . ' pin')] ??= $byPin[$pin->bothNames()];
            }
        }

        return $aliases;
    }

    private static function agree(Constant $constant, string $value, Controller $controller): bool
    {
        if ((string) $constant->value === $value || $constant->written() === $value) {
            return true;
        }
        if (is_int($constant->value) && 1 === preg_match('/^0x[0-9A-F]{1,15}$/i', $value)) {
            return hexdec($value) === $constant->value;
        }
        if ($constant->isPin) {
            $reading = $controller->read($value);
            $number = null === $reading->best() ? null : PinNumbers::ofProgram($reading->best());

            return !ctype_digit($value) && $number === $constant->value;
        }

        return false;
    }

    private static function edit(Board $board, Constant $constant, string $value): ?Edit
    {
        $edit = null === $constant->adopt ? null : ($constant->adopt)($value);
        try {
            $edit?->apply($board);
        } catch (\InvalidArgumentException|EditRefused) {
            return null;
        }

        return $edit;
    }
}
