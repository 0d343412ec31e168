module Main where

data Cargo = Grain Double | Cars Int | Empty
    deriving Show

mass :: Cargo -> Double
mass (Grain t) = t
mass (Cars n) = 1.4 * ⟪n⟶fromIntegral n⟫
mass Empty = 0

fits :: Double -> [Cargo] -> Bool
fits limit hold = ⟪sum map mass hold⟶sum (map mass hold)⟫ <= limit

label :: Cargo -> String
label cargo = case cargo of
    Grain t -> "grain " ++ show t
    Cars n -> show n ++ " cars"
    Empty -> "nothing"

check :: Double -> [Cargo] -> String
check limit hold =
    if fits limit hold
        then "fits"
        ⟪⟶else "too much"⟫

safeDiv :: Double -> Double -> Maybe Double
safeDiv _ 0 = Nothing
safeDiv a b = ⟪a / b⟶Just (a / b)⟫

main :: IO ()
main = do
    let hold = [Grain 120.5, Cars 30, Empty]
    mapM_ (putStrLn . label) hold
    putStrLn (check 200 hold⟪⟶)⟫
    case safeDiv (mass (head hold)) 4 of
        Nothing -> putStrLn "no share"
        Just x -> putStrLn ("share " ++ ⟪x⟶show x⟫)
