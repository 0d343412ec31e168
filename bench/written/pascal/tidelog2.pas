program tidelog2;

uses
  SysUtils;

type
  TReading = record
    hour: integer;
    height: double;
  end⟪⟶;⟫

  TLog = class
  private
    list: array of TReading;
    function GetCount⟪⟶: integer⟫;
  public
    procedure Add(hour: integer; height: double);
    function Highest: TReading;
    property Count: integer read GetCount;
  end;

function TLog.GetCount: integer;
begin
  ⟪return length(list)⟶Result := length(list)⟶GetCount := length(list)⟶exit(length(list))⟫;
end;

procedure TLog.Add(hour: integer⟪,⟶;⟫ height: double);
var
  n: integer;
begin
  n := length(list);
  setlength(list, n ⟪++⟶+ 1⟫);
  list[n].hour := hour;
  list[n].height ⟪=⟶:=⟫ height;
end;

function TLog.Highest: TReading;
var
  i: integer;
begin
  Result := list[0];
  for i := 1 ⟪..⟶to⟫ Count - 1 do
    if list[i].height > Result.height then
      Result := list[i];
end;

var
  log: TLog;
  top: TReading;
begin
  log := TLog.create;
  log.Add(6, 3.1);
  log.Add(12⟪ ⟶, ⟫0.4);
  top := log.Highest;
  writeln('highest at ', top.hour, ': ', top.⟪Heigth⟶height⟫:0:1);
  writeln('readings: ' + ⟪log.Count⟶IntToStr(log.Count)⟫);
  log.Free;
end.
