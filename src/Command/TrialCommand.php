<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Bench\TrialRun;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\TrialPaper;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Tries a whole board on the simulated bench. */
#[AsCommand(
    'trial',
    'Tries every surface of a board with everything that can be gone: exit 0 when all of it passes, 1 when something fails or could not '
        . 'be tried, 2 when the file cannot be read or holds nothing to try.',
)]
final class TrialCommand extends BoardCommand
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'a board file, or - for standard input')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getOption('format');
        if (!in_array($format, ['text', 'json'], true)) {
            throw new \InvalidArgumentException('The format is text or json: --format=text or --format=json.');
        }
        $board = $this->board($input);
        $inspection = new Inspection($board, $this->catalogue);
        $run = new TrialRun($inspection);
        if ([] === $run->cells) {
            $this->say($output, 'There is nothing to try: no line of this board is operated by anything. Add a surface first.');

            return self::MISUSED;
        }
        $report = $run->all();
        $this->print($output, 'json' === $format
            ? TrialPaper::json($board, $inspection->controls, $report)
            : TrialPaper::text($board, $inspection->controls, $report));

        return $report->passes() && [] === $report->gaps ? Command::SUCCESS : self::OPEN;
    }
}
