<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;

/** What a brief says of the house, the air, the limits and the reserves, put onto a board as stated. */
final class Circumstances
{
    /** @return Drafting that says in words what is stated */
    public static function stated(Drafting $drafting, Brief $brief): Drafting
    {
        $board = $drafting->board;
        foreach ([self::rules($board, $brief), self::limits($brief), self::air($brief), self::place($board, $brief)] as $one) {
            $drafting = [] === $one ? $drafting : $drafting->tried(...$one);
        }

        return $drafting;
    }

    /**
     * The cable to hands is as long as the brief says.
     *
     * @param array<string, PinFunction> $of functions of which only those that a hand operates count
     */
    public static function cabled(Drafting $drafting, Brief $brief, array $of): Drafting
    {
        $metres = $brief->handMetres?->value;
        $contacts = array_keys(array_filter($of, static fn(PinFunction $function): bool => $function->kind->isContact()));

        return is_float($metres) && [] !== $contacts ? $drafting->tried(
            new StateCable(array_map(strval(...), $contacts), $metres),
            sprintf('%d cables to switches and buttons of %s', count($contacts), QuantityPrinter::rounded($metres, Unit::Metre)),
        ) : $drafting;
    }

    /**
     * @return array{}|array{Edit, string}
     */
    private static function rules(Board $board, Brief $brief): array
    {
        $load = $brief->supplyLoad?->value;

        return is_float($load) ? [
            SetHouseRules::of(Copy::of($board->houseRules, ['supplyLoad' => $load])),
            sprintf('supplies give up to %s of their rating', QuantityPrinter::rounded(100 * $load, Unit::Percent)),
        ] : [];
    }

    /**
     * @return array{}|array{Edit, string}
     */
    private static function limits(Brief $brief): array
    {
        $said = static fn(?Fact $fact): mixed => $fact?->value;
        [$euros, $length, $width] = array_map($said, [$brief->mostEuros, $brief->mostLengthMetres, $brief->mostWidthMetres]);
        [$different, $form] = array_map($said, [$brief->mostDifferent, $brief->form]);
        if ([] === array_filter([$euros, $length, $width, $different, $form], static fn(mixed $one): bool => null !== $one)) {
            return [];
        }

        return [new StateBuild(
            form: $form instanceof BuildForm ? $form : null,
            mostEuros: is_float($euros) ? $euros : null,
            mostLengthMetres: is_float($length) ? $length : null,
            mostWidthMetres: is_float($width) ? $width : null,
            mostDifferent: is_int($different) ? $different : null,
        ), $form instanceof BuildForm ? sprintf('it is built as: %s', $form->value) : 'its limits are as the brief says now'];
    }

    /**
     * @return array{}|array{Edit, string}
     */
    private static function air(Brief $brief): array
    {
        $celsius = $brief->airCelsius?->value;

        return is_float($celsius)
            ? [new StateAmbient($celsius), sprintf('the air inside has %s', QuantityPrinter::rounded($celsius, Unit::Celsius))]
            : [];
    }

    /**
     * Whose a neutral is that reaches it, stays to be found out.
     *
     * @return array{}|array{Edit, string}
     */
    private static function place(Board $board, Brief $brief): array
    {
        $isWithout = false === $brief->neutral?->value;
        $amps = $brief->breakerAmps?->value;
        $words = [
            $isWithout ? 'no neutral reaches it' : '',
            is_float($amps) ? sprintf('a breaker of %s is before it', QuantityPrinter::rounded($amps, Unit::Ampere)) : '',
        ];

        return $isWithout || is_float($amps) ? [new StatePlace(
            [$board->boxPlace()],
            neutral: $isWithout ? NeutralHere::None : null,
            breakerAmps: is_float($amps) ? $amps : null,
        ), implode('; ', array_filter($words, static fn(string $one): bool => '' !== $one))] : [];
    }
}
