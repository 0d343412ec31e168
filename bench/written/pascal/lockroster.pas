program LockRoster;

{$mode objfpc}{$H+}

uses
  SysUtils, ⟪Class⟶Classes⟫;

const
  MaxLocks ⟪:= ⟶= ⟫16;

type
  TShift = (sEarly, sLate, sNight);
  TLock = record
    Name: string;
    Depth: ⟪Float⟶Double⟶Real⟶Single⟫;
    Shift: TShift⟪⟶;⟫
    Open: Boolean;
  end⟪⟶;⟫
  TLocks = array[1..MaxLocks] of TLock;

  TRoster = class
  private
    FLocks: TLocks;
    FCount: Integer;
    function GetLock(Index: Integer): TLock;
  public
    constructor Create;
    procedure Add(const Name: string; Depth: Double; Shift: TShift);
    function Deepest: Integer;
    function CountOf(Shift: TShift): Integer;
    property Count: Integer read FCount;
    property Locks[Index: Integer]: TLock read GetLock;
  end;

constructor TRoster.Create;
begin
  inherited;
  FCount := 0;
end;

function ⟪GetLock⟶TRoster.GetLock⟫(Index: Integer): TLock;
begin
  Result := FLocks[Index];
end;

procedure TRoster.Add(const Name: string; Depth: Double; Shift: TShift);
begin
  if FCount >= MaxLocks then
    raise Exception⟪("roster is full")⟶.Create('roster is full')⟫;
  Inc(FCount);
  FLocks[FCount].Name := Name;
  FLocks[FCount].Depth ⟪=⟶:=⟫ Depth;
  with FLocks[FCount] do
  begin
    Open := True;
  end;
  FLocks[FCount].Shift := Shift;
end;

function TRoster.Deepest: Integer;
var
  I: Integer;
begin
  Result := 1;
  for I := 2 to FCount do
    if FLocks[I].Depth > FLocks[Result].Depth then
      Result := I;
end;

function TRoster.CountOf(Shift: ⟪Shift⟶TShift⟫): Integer;
var
  I: Integer;
begin
  Result := 0;
  for I := 1 to FCount do
    if FLocks[I].Shift = Shift then
      ⟪Result++⟶Inc(Result)⟶Result := Result + 1⟫;
end;

function ShiftName(Shift: TShift): string;
begin
  case Shift of
    sEarly: Result := 'early';
    sLate: Result := 'late';
    ⟪default⟶else⟫⟪:⟶⟫ Result := 'night'
  end;
end;

var
  Roster: TRoster;
  I: Integer;
  Line: string;

begin
  Roster := TRoster.⟪New⟶Create⟫;
  try
    Roster.Add('Lower', 4.5, sEarly);
    Roster.Add('Upper', 6.25⟪⟶, sLate⟶, sEarly⟶, sNight⟫);
    Roster.Add('Sea', 9, sNight);
    for I := 1 to Roster.Count do
    begin
      Line := Roster.Locks[I].Name + ' ' + ⟪Roster.Locks[I].Depth⟶FloatToStr(Roster.Locks[I].Depth)⟫;
      if ⟪Roster.Locks[I].Depth > 5 &&⟶(Roster.Locks[I].Depth > 5) and⟫ Roster.Locks[I].Open then
        Line := Line + ' deep';
      WriteLn(Line⟪⟶)⟫;
    end;
    WriteLn(Roster.Locks[Roster.Deepest].Name, ' is the deepest');
    WriteLn('late: ', Roster.CountOf(sLate)⟪⟶)⟫;
    WriteLn(ShiftName(sNight));
  ⟪except⟶finally⟫
    Roster.Free;
  end;
end.
