<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Build\Fit\Envelope;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part that does not fit the box. */
final class DoesNotFitBox implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.does-not-fit',
            version: 1,
            title: 'Part that does not fit the box',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'What does not fit is found out when everything is bought.',
            threshold: 'plan and height of every part, with the room that its wires need, against the inside of the box; '
                . 'parts upon one another',
            basis: Basis::FromMemory,
            source: 'sizes of the catalogue, else envelopes of usual forms, from memory',
            silentWhen: 'nobody has said how it is built',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $layout = $inspection->layout();
        if (null === $layout || [] === $layout->parts) {
            return;
        }
        if (null === $layout->space) {
            yield new NotChecked($this->facts(), 'board', 'the inner sizes of the box', Answer::by(ChooseEnclosure::class, 'enclosure'));

            return;
        }
        $remedies = static fn(): array => Layouts::remedies($inspection);
        foreach ($layout->tooHigh() as [$part]) {
            yield $this->finding(
                Severity::Broken,
                $part->id,
                sprintf(
                    '%s (%s) stands %s high; inside, the box is %s.',
                    $part->id,
                    $part->name,
                    self::mm($part->height),
                    self::mm($layout->space->height),
                ),
                self::over($layout->space->height, $part->height, 'height of the box over that of the part with its board and sockets'),
                $remedies,
            );
        }
        foreach ($layout->tooLong() as $part) {
            yield $this->finding(
                Severity::Broken,
                $part->id . 'plan',
                sprintf(
                    '%s (%s) takes %s × %s with what stays free before it; it does not go into the box.',
                    $part->id,
                    $part->name,
                    self::mm($part->reach()),
                    self::mm($part->width),
                ),
                null,
                $remedies,
            );
        }
        $area = $layout->space->length * $layout->space->width;
        if ($layout->squareMetres() > $area) {
            yield $this->finding(
                Severity::Broken,
                'plan',
                'All parts together cover more than the bottom of the box.',
                self::over($area, $layout->squareMetres(), 'bottom of the box over what the parts cover'),
                $remedies,
            );
        }
        foreach ($layout->outside() as $laid) {
            yield $this->finding(
                Severity::Weak,
                $laid->part->id . 'out',
                sprintf('%s (%s) reaches out of the box where it lies.', $laid->part->id, $laid->part->name),
                null,
                $remedies,
            );
        }
        foreach ($layout->overlapping() as [$one, $other]) {
            yield $this->finding(
                Severity::Weak,
                $one->part->id . 'on' . $other->part->id,
                sprintf('%s and %s lie upon one another, or one in the room for the wires of the other.', $one->part->id, $other->part->id),
                null,
                $remedies,
            );
        }
    }

    /**
     * @param \Closure(): list<Remedy> $remedies
     */
    private function finding(Severity $severity, string $subject, string $says, ?Figure $figure, \Closure $remedies): Finding
    {
        return new Finding($this->facts(), $severity, $subject, $says, null === $figure ? [] : [$figure], $remedies);
    }

    private static function over(float $has, float $needs, string $name): Figure
    {
        return new Figure($name, $has / $needs, Unit::Ratio, 'has ÷ needs', [], 'as laid out', Envelope::SOURCE);
    }

    private static function mm(float $metres): string
    {
        return QuantityPrinter::rounded($metres, Unit::Metre);
    }
}
