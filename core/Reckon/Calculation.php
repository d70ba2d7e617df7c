<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;

/** A small calculator: what it asks for, and the figures that follow, each with its working. */
final readonly class Calculation
{
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
                throw new \InvalidArgumentException(sprintf('This calculation knows no “%s”. It takes: %s.', $name, implode(', ', array_keys($this->inputs))));
            }
        }
        $values = [];
        foreach ($this->inputs as $name => $input) {
            $text = trim($written[$name] ?? '');
            $value = QuantityParser::parse('' === $text ? $input->usual : $text, $input->unit);
            if ($value < $input->least || $value > $input->greatest) {
                throw new \InvalidArgumentException(sprintf('%s lies between %s and %s; %s does not.', $input->label, QuantityPrinter::rounded($input->least, $input->unit), QuantityPrinter::rounded($input->greatest, $input->unit), QuantityPrinter::rounded($value, $input->unit)));
            }
            $values[$name] = $value;
        }

        return ($this->work)($values);
    }
}
