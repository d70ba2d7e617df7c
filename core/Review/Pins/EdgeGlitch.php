<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Edges caught on a pin that makes false ones. */
final class EdgeGlitch implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.edge-glitch',
            version: 1,
            title: 'Edges caught on a pin that makes false ones',
            severities: [Severity::Weak, Severity::Hint],
            reason: 'Some input-only pins read a short false low whenever a converter or the sleeping radio powers up. A zero crossing is '
                . 'then seen where there is none; a decoder of infrared codes mostly passes over it.',
            threshold: 'no input whose edges are caught on such a pin while the radio or an analogue input is in use: weak for a '
                . 'zero-cross input, a hint for an infrared receiver',
            basis: Basis::DataSheet,
            source: 'errata of the chip, from memory',
            silentWhen: 'neither the radio nor an analogue input is used',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $analogue = [] !== array_filter($board->functions, static fn(PinFunction $function): bool => $function->kind->isAnalogue());
        if (!$analogue && false === $board->program->radioUsed->value) {
            return;
        }
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $board->functions[$id];
            if (null === $pin->chip->glitchSeconds || !$function->kind->needsInterrupt()) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                FunctionKind::ZeroCross === $function->kind ? Severity::Weak : Severity::Hint,
                $id,
                sprintf(
                    '“%s” sits on %s, which reads a false low of %s whenever %s powers up.',
                    $function->name,
                    $pin->bothNames(),
                    QuantityPrinter::rounded($pin->chip->glitchSeconds, Unit::Second),
                    $analogue ? 'a converter' : 'the sleeping radio',
                ),
                proposals: static fn(): array => Repairs::of($inspection)->moveToBestPin($id),
            );
        }
    }
}
