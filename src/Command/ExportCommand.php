<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('export', 'Prints what a board hands over: exit 0, or 2 when the file cannot be read or there is no such thing.')]
final class ExportCommand extends BoardCommand
{
    public function __construct(
        private readonly Exports $exports,
        private readonly Catalogue $catalogue,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->addArgument(
                'what',
                InputArgument::REQUIRED,
                implode(', ', $this->exports->names()) . '; “sheet:C1” and the like for one thing of the board',
            )
            ->addOption('date', null, InputOption::VALUE_REQUIRED, 'the day that stands on it, as 2026-03-14; today where it is not said')
            ->addOption('paper', null, InputOption::VALUE_REQUIRED, 'of printed pages: a4 or letter', 'a4')
            ->addOption('print', null, InputOption::VALUE_REQUIRED, 'large, for pages to be read from a step away')
            ->setHelp("  latch export board.json pins.csv\n  latch export board.json sheet:C1");
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $what = self::text($input->getArgument('what'));
        $inspection = new Inspection($this->board($input), $this->catalogue);
        $export = $this->exports->file(new Handover($inspection, $this->date($input), wishes: array_filter([
            'paper' => self::text($input->getOption('paper') ?? ''),
            'print' => self::text($input->getOption('print') ?? ''),
        ], static fn(string $wish): bool => '' !== $wish)), $what);
        if (null === $export) {
            throw new \InvalidArgumentException(sprintf(
                'There is nothing called “%s” to export. Ask for one of: %s.',
                $what,
                implode(', ', $this->exports->of($inspection)),
            ));
        }
        $this->print($output, $export->text);

        return Command::SUCCESS;
    }

    private function date(InputInterface $input): string
    {
        $date = self::text($input->getOption('date') ?? $this->clock->now()->format('Y-m-d'));
        if (1 !== preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $date, $part) || !checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw new \InvalidArgumentException(sprintf('“%s” is no day. Write it as 2026-03-14.', $date));
        }

        return $date;
    }
}
