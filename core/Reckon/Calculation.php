<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;

/** A small calculator: what it asks for, and the figures that follow, each with its working. */
final readonly class Calculation
{
    /** The greatest figure of each unit that can be meant: what melts, bursts or outlives its maker lies beyond. */
    private const MOST = [
        'Volt' => 10e3,
        'Ampere' => 50e3,
        'Ohm' => 1e9,
        'Watt' => 10e3,
        'Farad' => 10.0,
        'Metre' => 10.0,
        'SquareMetre' => 1e-3,
        'Second' => 3600.0,
        'Celsius' => 500.0,
        'Hour' => 200e3,
    ];

    /**
     * @param array<string, Input> $inputs by name
     * @param \Closure(array<string, float>): list<Figure> $work
     */
    public function __construct(public string $title, public string $about, public array $inputs, private \Closure $work) {}

    /**
     * @param array<string, string> $written values as people write them; what is missing is taken as usual
     * @return list<Figure>
     * @throws \InvalidArgumentException when a value cannot be read or cannot be, with what to write instead
     */
    public function reckon(array $written): array
    {
        foreach (array_keys($written) as $name) {
            if (!isset($this->inputs[$name])) {
                throw new \InvalidArgumentException(sprintf(
                    'This calculation knows no “%s”. It takes: %s.',
                    $name,
                    implode(', ', array_keys($this->inputs)),
                ));
            }
        }
        $values = [];
        foreach ($this->inputs as $name => $input) {
            $text = trim($written[$name] ?? '');
            $value = QuantityParser::parse('' === $text ? $input->usual : $text, $input->unit);
            if ($value < $input->least || $value > $input->greatest) {
                throw new \InvalidArgumentException(sprintf(
                    '%s lies between %s and %s; %s does not.',
                    $input->label,
                    QuantityPrinter::rounded($input->least, $input->unit),
                    QuantityPrinter::rounded($input->greatest, $input->unit),
                    QuantityPrinter::rounded($value, $input->unit),
                ));
            }
            if ($input->isCounted && floor($value) !== $value) {
                throw new \InvalidArgumentException(sprintf('%s are counted: write a whole number.', $input->label));
            }
            $values[$name] = $value;
        }
        $figures = ($this->work)($values);
        foreach ($figures as $figure) {
            self::refuseAbsurd($figure);
        }

        return $figures;
    }

    /**
     * What no part, wire or battery on earth does is no answer: a value was meant otherwise than it was written.
     *
     * @throws \InvalidArgumentException
     */
    private static function refuseAbsurd(Figure $figure): void
    {
        $most = self::MOST[$figure->unit->name] ?? INF;
        if (!is_finite($figure->value) || abs($figure->value) > $most) {
            throw new \InvalidArgumentException(sprintf(
                'With these values, %s would come out as %s, and more than %s does not happen. Look at their prefixes and units.',
                $figure->label,
                $figure->printed(),
                QuantityPrinter::rounded($most, $figure->unit),
            ));
        }
    }
}
