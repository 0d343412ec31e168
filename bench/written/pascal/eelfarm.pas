program EelFarm;

{$mode objfpc}{$H+}

uses
  SysUtils, Math, ⟪Classes.⟶Classes⟫;

type
  EFull = class(Exception);

  TTank = class
  private
    FName: string;
    FEels: Integer;
    FTemps: array of Double;
    function GetMean: Double;
  public
    constructor Create(AName: string⟪⟶)⟫;
    procedure Add(Count: Integer); virtual;
    property Mean: Double read ⟪GetMeans⟶GetMean⟫;
    property Eels: Integer read FEels;
  end;

  TBigTank = class(TTank)
  public
    procedure Add(Count: Integer); override⟪⟶;⟫
  end;

constructor TTank.Create(AName: string);
begin
  ⟪inherit⟶inherited⟫ Create;
  FName := AName;
end;

function TTank.GetMean: Double;
var
  T: Double;
begin
  Result := 0⟪,0⟶.0⟫;
  for T in FTemps do
    Result := Result + T;
  if Length(FTemps) > 0 then
    Result := Result / ⟪FTemps.Length⟶Length(FTemps)⟫;
end;

procedure TTank.Add(Count: Integer);
begin
  if FEels + Count > 50 then
    raise ⟪EFull⟶EFull.Create⟫('tank ' + FName + ' is full');
  FEels ⟪=⟶:=⟫ FEels + Count;
  SetLength(FTemps, Length(FTemps) + 1);
  FTemps[High(FTemps)] := 11.5;
end;

⟪⟶procedure ⟫TBigTank.Add(Count: Integer);
begin
  FEels := FEels + Count;
end;

procedure Show(const T: TTank);
begin
  WriteLn(T.FName, ': ', T.Eels);
  WriteLn(Format('%.1f', ⟪T.Mean⟶[T.Mean]⟫));
end;

var
  Tanks: array[0..1] of TTank;
  I, Total: Integer;
  Line: string;

begin
  Tanks[0] := TTank.Create('inner');
  Tanks[1] := TBigTank⟪('outer')⟶.Create('outer')⟫;
  try
    Tanks[0].Add(20);
    Tanks[0].Add(40);
  except
    on E: EFull do
      WriteLn(⟪E⟶E.Message⟫);
  end⟪⟶;⟫
  Tanks[1].Add(⟪Max[60, 70]⟶Max(60, 70)⟫);
  Total := 0;
  for I := 0 to 1 do
  begin
    Show(Tanks[I]);
    Total := Total + Tanks[I].Eels;
  end;
  Line := 'total ' + ⟪Total⟶IntToStr(Total)⟫;
  WriteLn(Line);
  for I := 0 to 1 do
    Tanks[I].Free;
⟪end;⟶end.⟫
