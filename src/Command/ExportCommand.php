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
            ->setHelp("  latch export board.json pins.csv\n  latch export board.json sheet:C1");
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $what = self::text($input->getArgument('what'));
        $inspection = new Inspection($this->board($input), $this->catalogue);
        $export = $this->exports->file(new Handover($inspection, $this->clock->now()->format('Y-m-d')), $what);
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
}
