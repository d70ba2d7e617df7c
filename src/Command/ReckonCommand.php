<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Reckon\Calculation;
use IronLatch\Core\Reckon\Reckoner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'reckon',
    'One small calculation: latch reckon KIND name=value …; without KIND the list of them. Exit 2 when a value cannot be.',
)]
final class ReckonCommand extends Command
{
    private const IMPOSSIBLE = 2;

    protected function configure(): void
    {
        $this->addArgument('kind', InputArgument::OPTIONAL, 'what to reckon');
        $this->addArgument('values', InputArgument::IS_ARRAY, 'name=value, each with its unit');
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
        $this->setHelp('  latch reckon base-resistor rail=5V coil=70Ω');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $kind = $input->getArgument('kind');
        $calculation = is_string($kind) ? Reckoner::all()[$kind] ?? null : null;
        if (null === $calculation) {
            $list = implode(
                "\n",
                array_map(
                    static fn(string $name, Calculation $one): string => sprintf(
                        '%-18s %s (%s)',
                        $name,
                        $one->title,
                        implode(', ', array_keys($one->inputs)),
                    ),
                    array_keys(Reckoner::all()),
                    Reckoner::all(),
                ),
            );
            null === $kind ? $output->writeln($list, OutputInterface::OUTPUT_RAW) : $errors->writeln(
                "There is no such calculation. There are:\n" . $list,
                OutputInterface::OUTPUT_RAW,
            );

            return null === $kind ? Command::SUCCESS : self::IMPOSSIBLE;
        }
        $written = [];
        $values = $input->getArgument('values');
        foreach (is_array($values) ? $values : [] as $value) {
            [$name, $text] = [...explode('=', is_string($value) ? $value : '', 2), ''];
            $written[$name] = $text;
        }
        try {
            $figures = $calculation->reckon($written);
        } catch (\InvalidArgumentException $fault) {
            $errors->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::IMPOSSIBLE;
        }
        $output->writeln('json' === $input->getOption('format')
            ? json_encode(
                array_map(
                    static fn(Figure $figure): array => [
                        'label' => $figure->label,
                        'value' => QuantityPrinter::written($figure->value, $figure->unit),
                        'formula' => $figure->formula,
                        'inputs' => $figure->inputs,
                        'source' => $figure->source,
                    ],
                    $figures,
                ),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )
            : implode(
                "\n",
                array_map(
                    static fn(Figure $figure): string => sprintf(
                        "%s: %s\n    %s%s. Source: %s",
                        $figure->label,
                        $figure->printed(),
                        $figure->formula,
                        [] === $figure->inputs ? '' : ' with ' . implode('; ', $figure->inputs),
                        $figure->source,
                    ),
                    $figures,
                ),
            ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
