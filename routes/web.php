<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BlockedController;
use App\Http\Controllers\ChartController;
use App\Http\Controllers\ChassisController;
use App\Http\Controllers\DatumController;
use App\Http\Controllers\DialController;
use App\Http\Controllers\DrivelineController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\GearPaperController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\LoginController;
use App\Http\Controllers\MovementController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanPageController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReadingTableController;
use App\Http\Controllers\ReferenceController;
use App\Http\Controllers\ReportController;
use App\Http\Controllers\SurveyController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\WorkshopController;
use App\Stages\Stages;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/jobs');

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [LoginController::class, 'create'])->name('login');
    Route::post('/login', [LoginController::class, 'store'])->middleware('throttle:login')->name('login.store');
    Route::get('/forgotten', [PasswordController::class, 'forgotten'])->name('password.request');
    Route::post('/forgotten', [PasswordController::class, 'send'])->middleware('throttle:login')->name('password.email');
    Route::get('/password/{token}', [PasswordController::class, 'reset'])->name('password.reset');
    Route::get('/invitation/{token}', [PasswordController::class, 'invitation'])->name('invitation');
    Route::post('/password', [PasswordController::class, 'choose'])->middleware('throttle:login')->name('password.update');
});

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [LoginController::class, 'destroy'])->name('logout');

    Route::get('/jobs', [JobController::class, 'index'])->name('jobs');
    Route::post('/jobs', [JobController::class, 'store'])->name('jobs.empty');
    Route::get('/jobs/new', [JobController::class, 'create'])->name('jobs.new');
    Route::get('/jobs/{job}/about', [JobController::class, 'about'])->name('job.about');
    Route::put('/jobs/{job}/about', [JobController::class, 'saveAbout'])->name('job.about.save');
    Route::post('/jobs/from-file', [JobFileController::class, 'store'])->name('jobs.from-file');
    Route::post('/jobs/from-chart', [ChartController::class, 'store'])->name('jobs.from-chart');
    Route::get('/jobs/{job}', [JobController::class, 'show'])->name('job');
    Route::put('/jobs/{job}/archive', [JobController::class, 'archive'])->name('job.archive');
    Stages::routes();
    Route::get('/jobs/{job}/file', [JobFileController::class, 'show'])->name('job.file');

    Route::post('/jobs/{job}/surveys', [SurveyController::class, 'store'])->name('surveys');
    Route::put('/jobs/{job}/surveys/{survey}/name', [SurveyController::class, 'rename'])->name('survey.rename');
    Route::post('/jobs/{job}/surveys/{survey}/against', [SurveyController::class, 'against'])->name('survey.against');
    Route::post('/jobs/{job}/surveys/{survey}/readings', [ReadingController::class, 'store'])->name('readings');
    Route::post('/jobs/{job}/surveys/{survey}/undo', [ReadingController::class, 'undo'])->name('readings.undo');
    Route::post('/jobs/{job}/surveys/{survey}/readings/{reading}/strike', [ReadingController::class, 'strike'])->name('reading.strike');
    Route::post('/jobs/{job}/surveys/{survey}/readings/{reading}/restore', [ReadingController::class, 'restore'])->name('reading.restore');

    Route::put('/jobs/{job}/plan', [PlanController::class, 'update'])->name('plan.save');
    Route::post('/jobs/{job}/plan/variant', [PlanController::class, 'variant'])->name('plan.variant');
    Route::post('/jobs/{job}/plan/start', [PlanController::class, 'start'])->name('plan.start');
    Route::delete('/jobs/{job}/plan/variant/{variant}', [PlanController::class, 'dropVariant'])->name('plan.drop-variant');
    Route::get('/jobs/{job}/plan/target.csv', [PlanController::class, 'target'])->name('plan.target');
    Route::get('/jobs/{job}/plan/cut', [PlanPageController::class, 'cut'])->name('cut');
    Route::post('/jobs/{job}/plan/stand', [PlanPageController::class, 'stand'])->name('cut.stand');
    Route::post('/jobs/{job}/plan/spread/{cut}', [PlanPageController::class, 'spread'])->name('cut.spread');
    Route::delete('/jobs/{job}/plan/spread/{cut}', [PlanPageController::class, 'takeBackSpread'])->name('cut.spread-back');
    Route::get('/jobs/{job}/plan/splice', [PlanPageController::class, 'splice'])->name('splice');
    Route::post('/jobs/{job}/plan/splice', [PlanPageController::class, 'compareSplices'])->name('splice.compare');
    Route::get('/jobs/{job}/plan/mounts', [PlanPageController::class, 'mounts'])->name('mounts');
    Route::post('/jobs/{job}/plan/loads', [PlanPageController::class, 'moveLoad'])->name('loads.move');
    Route::post('/jobs/{job}/plan/winch', [PlanPageController::class, 'pullWinch'])->name('loads.winch');
    Route::post('/jobs/{job}/plan/beside', [PlanPageController::class, 'hangBeside'])->name('loads.beside');
    Route::post('/jobs/{job}/plan/mounts', [PlanPageController::class, 'spaceMounts'])->name('mounts.space');
    Route::post('/jobs/{job}/plan/brackets', [PlanPageController::class, 'fitBrackets'])->name('mounts.fit');
    Route::post('/jobs/{job}/plan/bolts', [PlanPageController::class, 'boltMount'])->name('mounts.bolts');
    Route::post('/jobs/{job}/plan/body-cut', [PlanPageController::class, 'cutBody'])->name('mounts.body-cut');
    Route::get('/jobs/{job}/plan/loads', [PlanPageController::class, 'loads'])->name('loads');
    Route::get('/jobs/{job}/plan/papers', [PlanPageController::class, 'papers'])->name('papers');
    Route::get('/jobs/{job}/plan/papers/document', [PlanPageController::class, 'document'])->name('papers.document');
    Route::get('/jobs/{job}/plan/papers.pdf', [PlanPageController::class, 'pdf'])->name('papers.pdf');
    Route::post('/jobs/{job}/plan/tick', [PlanPageController::class, 'tick'])->name('plan.tick');
    Route::get('/jobs/{job}/plan/after', [PlanPageController::class, 'after'])->name('after');
    Route::get('/jobs/{job}/gear/old-new', [GearController::class, 'oldNew'])->name('gear.old-new');
    Route::get('/jobs/{job}/gear/dial', [DialController::class, 'show'])->name('dial');
    Route::post('/jobs/{job}/gear/dial', [DialController::class, 'attach'])->name('dial.attach');
    Route::delete('/jobs/{job}/gear/dial', [DialController::class, 'clear'])->name('dial.clear');
    Route::get('/jobs/{job}/gear/papers', [GearPaperController::class, 'show'])->name('gear.papers');
    Route::get('/jobs/{job}/gear/papers/document', [GearPaperController::class, 'document'])->name('gear.papers.document');
    Route::get('/jobs/{job}/gear/papers.pdf', [GearPaperController::class, 'pdf'])->name('gear.papers.pdf');
    Route::get('/jobs/{job}/gear/{page}', [GearController::class, 'show'])->name('gear');
    Route::post('/jobs/{job}/gear', [GearController::class, 'store'])->name('gear.keep');
    Route::put('/jobs/{job}/gear/{worksheet}', [GearController::class, 'update'])->name('gear.change');
    Route::post('/jobs/{job}/gear/{worksheet}/try', [GearController::class, 'tryOut'])->name('gear.try');
    Route::post('/jobs/{job}/gear/{worksheet}/take-over', [GearController::class, 'takeOver'])->name('gear.take-over');
    Route::delete('/jobs/{job}/gear/{worksheet}', [GearController::class, 'destroy'])->name('gear.remove');
    Route::get('/jobs/{job}/frame', [ChassisController::class, 'show'])->name('chassis');
    Route::put('/jobs/{job}/frame', [ChassisController::class, 'update'])->name('chassis.save');
    Route::post('/jobs/{job}/frame/quick', [ChassisController::class, 'quick'])->name('chassis.quick');
    Route::get('/jobs/{job}/frame/section', [ChassisController::class, 'section'])->name('chassis.section');
    Route::get('/jobs/{job}/frame/{list}.csv', [ChassisController::class, 'csv'])->name('chassis.csv');
    Route::post('/jobs/{job}/frame/{list}.csv', [ChassisController::class, 'takeIn'])->name('chassis.take-in');
    Route::put('/jobs/{job}/driveline', [DrivelineController::class, 'update'])->name('driveline.save');

    Route::get('/jobs/{job}/surveys/{survey}/report/document', [ReportController::class, 'document'])->name('report.document');
    Route::get('/jobs/{job}/surveys/{survey}/report.pdf', [ReportController::class, 'pdf'])->name('report.pdf');

    Route::put('/jobs/{job}/bench', [BenchController::class, 'update'])->name('bench.save');
    Route::post('/jobs/{job}/bench/rounds', [BenchController::class, 'store'])->name('bench.round');
    Route::post('/jobs/{job}/bench/rounds/{round}/carry', [BenchController::class, 'carry'])->name('bench.carry');

    Route::put('/jobs/{job}/reference/chart', [ReferenceController::class, 'chart'])->name('reference.chart');
    Route::post('/jobs/{job}/reference/files', [ReferenceController::class, 'upload'])->name('reference.file');
    Route::post('/jobs/{job}/reference/surveys', [ReferenceController::class, 'fromSurvey'])->name('reference.survey');
    Route::post('/jobs/{job}/reference/use', [ReferenceController::class, 'use'])->name('reference.use');

    Route::get('/jobs/{job}/surveys/{survey}/movement/{since}', [MovementController::class, 'show'])->name('movement');
    Route::get('/jobs/{job}/surveys/{survey}/readings.csv', [ReadingTableController::class, 'show'])->name('readings.table');
    Route::post('/jobs/{job}/surveys/{survey}/readings.csv', [ReadingTableController::class, 'store'])->name('readings.take-in');
    Route::post('/jobs/{job}/surveys/{survey}/blocked', [BlockedController::class, 'store'])->name('blocked');
    Route::delete('/jobs/{job}/surveys/{survey}/blocked', [BlockedController::class, 'destroy'])->name('blocked.free');
    Route::post('/jobs/{job}/surveys/{survey}/datum', [DatumController::class, 'store'])->name('datum');
    Route::post('/jobs/{job}/surveys/{survey}/ask', [InstrumentController::class, 'ask'])->name('instrument.ask');

    Route::get('/instruments', [InstrumentController::class, 'index'])->name('instruments');
    Route::post('/instruments', [InstrumentController::class, 'store'])->name('instruments.store');
    Route::put('/instruments/{instrument}', [InstrumentController::class, 'update'])->name('instruments.update');
    Route::post('/instruments/{instrument}/check', [InstrumentController::class, 'check'])->name('instruments.check');
    Route::post('/instruments/{instrument}/token', [InstrumentController::class, 'token'])->name('instruments.token');

    Route::redirect('/calculator', '/tools/square-check');
    Route::get('/tools', [ToolController::class, 'index'])->name('tools');
    Route::get('/tools/{tool}', [ToolController::class, 'show'])->name('tool');
    Route::post('/tools/{tool}', [ToolController::class, 'store'])->name('tool.calculate');

    Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
    Route::post('/practice', [PracticeController::class, 'store'])->name('practice.start');
    Route::get('/practice/{run}', [PracticeController::class, 'show'])->name('practice.run');
    Route::post('/practice/{run}/readings', [PracticeController::class, 'measure'])->name('practice.measure');
    Route::post('/practice/{run}/answer', [PracticeController::class, 'answer'])->name('practice.answer');

    Route::get('/account', [AccountController::class, 'edit'])->name('account');
    Route::put('/account', [AccountController::class, 'update'])->name('account.save');
    Route::put('/account/password', [AccountController::class, 'password'])->middleware('throttle:login')->name('account.password');
    Route::delete('/account/sessions', [AccountController::class, 'logOutElsewhere'])->name('account.elsewhere');
    Route::get('/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/people', [PeopleController::class, 'store'])->name('people.invite');
    Route::put('/people/{person}/role', [PeopleController::class, 'role'])->name('people.role');
    Route::put('/people/{person}/activity', [PeopleController::class, 'activity'])->name('people.activity');
    Route::post('/people/{person}/link', [PeopleController::class, 'link'])->name('people.link');
    Route::get('/workshop', [WorkshopController::class, 'edit'])->name('workshop');
    Route::get('/workshop/archive.zip', [WorkshopController::class, 'archive'])->name('workshop.archive');
    Route::put('/workshop', [WorkshopController::class, 'update'])->name('workshop.save');
});
