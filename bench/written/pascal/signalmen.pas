program SignalMen;

{$mode objfpc}

uses
  Classes, SysUtils⟪⟶;⟫

type
  TSignal = (sgNone, sgFog, sgStorm, sgClear);

  TSignalMan = class
  private
    FName: string;
    FRaised: TSignal;
    FCount: Integer;
  public
    constructor Create(const AName: string);
    procedure Raise_(ASignal: TSignal);
    function Describe: string;
    property Name: string read FName;
    property Count: Integer read ⟪Count⟶FCount⟫;
  end;

constructor TSignalMan.Create(const AName: string);
begin
  inherited Create;
  FName := AName;
  FRaised := sgNone;
end;

procedure ⟪Raise_⟶TSignalMan.Raise_⟫(ASignal: TSignal);
begin
  FRaised := ASignal;
  Inc(FCount);
end;

function TSignalMan.Describe: string;
begin
  case FRaised of
    sgNone: Result := FName + ' rests';
    sgFog⟪ Result⟶: Result⟫ := FName + ' sounds the horn';
    sgStorm: Result := FName + ' hoists two balls';
  else
    Result := FName + ' waves ' + ⟪FCount⟶IntToStr(FCount)⟫ + ' times'
  end;
end;

procedure Report(List: TList);
var
  Man: TSignalMan;
  I: Integer;
begin
  for I := 0 to ⟪List.Length - 1⟶List.Count - 1⟫ do
  begin
    Man := TSignalMan(List[I]);
    WriteLn(Man.Describe⟪⟶)⟫;
  end;
end;

var
  Crew: TList;
  Old: TSignalMan;
  Young: TSignalMan;
begin
  Crew := TList.Create;
  Old := TSignalMan.Create('Perrin');
  Young := TSignalMan.Create(⟪⟶'Tove'⟫);
  Crew.Add(Old);
  Crew.Add(Young);
  Old.Raise_(⟪Storm⟶sgStorm⟫);
  Young.Raise_(sgFog);
  if ⟪(Old.Count > 0 and Young.Count > 0)⟶(Old.Count > 0) and (Young.Count > 0)⟶((Old.Count > 0) and (Young.Count > 0))⟫ then
    WriteLn('both are awake');
  Report(Crew);
  Crew.Free;
end.
